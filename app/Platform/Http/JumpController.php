<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Frame\Page;
use App\Platform\Jump\Commands;
use App\Platform\Jump\Finder;
use App\Platform\Sites\CurrentSite;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class JumpController
{
    public function __invoke(Request $request, Finder $find, Commands $commands, CurrentSite $site): Page|Response
    {
        $text = is_string($request->query('q')) ? $request->query('q') : '';
        $data = $find($text, $site->id()) + [
            'text' => $text,
            'recent' => trim($text) === '' ? array_slice((array) session('recent', []), 0, 8) : [],
            'commands' => $commands->matching($text),
        ];
        if ($data['commands'] !== [] && $data['meant'] !== null) {
            // A command is what was typed; what other words would find only stands in its way.
            $data = ['hits' => [], 'meant' => null] + $data;
        }
        if ($request->header('HX-Target') === 'jump-hits') {
            return response(view('jump.hits', $data)->render())
                ->header('Cache-Control', 'no-store')
                ->header('Vary', 'HX-Request');
        }

        return Page::in('jump', 'Ask or jump')->sheet('jump.page', $data);
    }
}
