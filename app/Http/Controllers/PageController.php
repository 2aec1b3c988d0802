<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;

/** The one page; what is shown in it is told by the address, in the browser. */
final class PageController
{
    public function __invoke(): View
    {
        return view('page');
    }
}
