<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who works here when the program is open to the shop. On one machine alone these tables stay empty. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('people', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->collation('nocase')->unique();
            $table->string('role')->comment('one of Role');
            $table->string('password')->nullable()->comment('hash; null until the code was used');
            $table->string('code')->nullable()->comment('hash of a code to choose a password with');
            $table->timestamp('code_ends_at')->nullable();
            $table->timestamps();
        });
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('audit', function (Blueprint $table): void {
            $table->id();
            $table->timestamp('at')->index();
            $table->string('person')->comment('name at that time');
            $table->string('action');
            $table->string('subject')->default('')->comment('job, part or person it was done to');
        });
        Schema::create('settings', function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->string('value');
        });
        Schema::table('revisions', function (Blueprint $table): void {
            $table->string('by')->nullable()->comment('who made the change; null on one machine alone');
        });
    }
};
