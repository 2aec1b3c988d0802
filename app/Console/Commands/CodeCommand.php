<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\Audit;
use App\People\Person;
use App\People\PersonName;
use App\People\Role;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;

final class CodeCommand extends Command
{
    protected $signature = 'lamp:code {name? : who is to choose a password; the first owner, where there is none yet} {--if-nobody : only where nobody has a password yet}'
        .' {--owner : makes them an owner}';

    protected $description = 'Prints a code to choose a password with: for the first owner, and for whoever has lost theirs';

    public function handle(Wording $wording): int
    {
        $isOpen = Person::query()->whereNotNull('password')->doesntExist();
        if ($this->option('if-nobody') === true && ! $isOpen) {
            return self::SUCCESS;
        }
        $this->clearPlanted();
        $name = $this->argument('name');
        $person = is_string($name) ? Person::query()->where('name', $name)->first() : Person::query()->where('role', Role::Owner)->orderBy('id')->first();
        if ($person === null && is_string($name) && Person::query()->exists()) {
            $this->getOutput()->getErrorStyle()->writeln("Nobody called {$name} works here.");

            return self::FAILURE;
        }
        try {
            $person ??= Person::query()->create(['name' => PersonName::of(is_string($name) ? $name : 'Owner')->text, 'role' => Role::Owner]);
        } catch (InvalidInput $refused) {
            $this->getOutput()->getErrorStyle()->writeln($wording->line($refused->problems[0]));

            return self::FAILURE;
        }
        if ($this->option('owner') === true) {
            $person->forceFill(['role' => Role::Owner])->save();
        }
        $this->line("Name: {$person->name}");
        $this->line("Code: {$person->giveCode()}");
        Audit::add('at the machine', 'person.code', $person->name);

        return self::SUCCESS;
    }

    /** Whoever was entered before the shop was opened, past this command and past any owner, has no way in. */
    private function clearPlanted(): void
    {
        $let = DB::table('audit')->whereIn('action', ['person.add', 'person.code'])->pluck('subject')->all();
        Person::query()->whereNull('password')->whereNotIn('name', $let)->delete();
    }
}
