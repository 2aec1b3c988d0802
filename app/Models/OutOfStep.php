<?php

declare(strict_types=1);

namespace App\Models;

use DomainException;

/** A change was made on a version of the job that no longer stands: another window was faster. */
final class OutOfStep extends DomainException {}
