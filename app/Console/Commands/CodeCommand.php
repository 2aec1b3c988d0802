<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\Audit;
use App\People\Person;
use App\People\Role;
use Illuminate\Console\Command;

final class CodeCommand extends Command
{
    protected $signature = 'lamp:code {name? : who is to choose a password; the first owner, where there is none yet} {--if-nobody : only where nobody has a password yet}';

    protected $description = 'Prints a code to choose a password with: for the first owner, and for whoever has lost theirs';

    public function handle(): int
    {
        $isOpen = Person::query()->whereNotNull('password')->doesntExist();
        if ($this->option('if-nobody') === true && ! $isOpen) {
            return self::SUCCESS;
        }
        $name = $this->argument('name');
        $person = is_string($name) ? Person::query()->where('name', $name)->first() : Person::query()->where('role', Role::Owner)->orderBy('id')->first();
        if ($person === null && Person::query()->exists()) {
            $this->getOutput()->getErrorStyle()->writeln(is_string($name) ? "Nobody called {$name} works here." : 'Name whose code it is to be.');

            return self::FAILURE;
        }
        $person ??= Person::query()->create(['name' => is_string($name) ? $name : 'Owner', 'role' => Role::Owner]);
        $this->line("Name: {$person->name}");
        $this->line("Code: {$person->giveCode()}");
        Audit::add('at the machine', 'person.code', $person->name);

        return self::SUCCESS;
    }
}
