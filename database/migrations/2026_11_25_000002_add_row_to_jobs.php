<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->text('row')->nullable()->comment('JSON: what the list shows');
            $table->string('row_of')->nullable()->comment('version and build the row was worked out for');
        });
    }
};
