<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Exchange\Log\StandIn;
use LampThread\Exchange\Log\StandInFault;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Road\Vehicle;

final class RecordCommand extends JobFileCommand
{
    protected $signature = 'lamp:record {file : a *.lampthread.json} {--device=logger : logger or scan-tool} {--drive=5-climb : one of core/data/drives, or a CSV file}'
        .' {--fault=* : drop-outs, one-second-steps or wrong-unit} {--seed=1 : which vehicle, and which noise}';

    protected $description = 'Prints as CSV what a simulated device records in a vehicle that is a little other than the job tells';

    protected function answer(): int
    {
        $given = $this->option('device');
        $device = StandIn::tryFrom(is_string($given) ? $given : '')
            ?? throw InvalidInput::at('--device', Message::of('input.no-such-device', devices: array_column(StandIn::cases(), 'value')));
        $faults = array_map(static fn (mixed $fault): StandInFault => StandInFault::tryFrom(is_string($fault) ? $fault : '')
            ?? throw InvalidInput::at('--fault', Message::of('input.no-such-device-fault', faults: array_column(StandInFault::cases(), 'value'))), (array) $this->option('fault'));
        $seed = $this->option('seed');
        if (! is_string($seed) || ! ctype_digit($seed)) {
            throw InvalidInput::at('--seed', Message::of('input.not-a-seed'));
        }
        $design = $this->design();
        $drive = $this->drive((string) $this->option('drive'), $design->brief->driveline);
        $this->output->write($device->record(Vehicle::of($design->sizing()), $drive, array_values($faults), (int) $seed));

        return Command::SUCCESS;
    }
}
