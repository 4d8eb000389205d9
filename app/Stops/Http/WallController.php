<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Stops\Pages\WallPage;
use Illuminate\Contracts\View\View;

/** The lines of a site on a screen that hangs where everybody sees it. */
final class WallController
{
    public function show(WallPage $page): View
    {
        return view('stops.wall.page', $page());
    }

    /** What changes on it while one looks. */
    public function lines(WallPage $page): View
    {
        return view('stops.wall.lines', $page());
    }
}
