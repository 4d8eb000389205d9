<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Frame\Page;
use App\Platform\Jump\Commands;
use App\Platform\Jump\Finder;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Typed;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class JumpController
{
    public function __invoke(Request $request, Finder $find, Commands $commands, CurrentSite $site): Page|Response
    {
        $found = fn (): array => $this->found($request, $find, $commands, $site->id());
        if ($request->header('HX-Target') === 'jump-hits') {
            return response(view('jump.hits', $found())->render())
                ->header('Cache-Control', 'no-store')
                ->header('Vary', 'HX-Request');
        }

        return Page::in('jump', 'Ask or jump')->sheet('jump.page', $found);
    }

    /** @return array<string, mixed> */
    private function found(Request $request, Finder $find, Commands $commands, int $siteId): array
    {
        $text = Typed::word($request, 'q');
        $data = $find($text, $siteId) + [
            'text' => $text,
            'recent' => trim($text) === '' ? array_slice((array) session('recent', []), 0, 8) : [],
            'commands' => $commands->matching($text),
        ];

        // A command is what was typed; what other words would find only stands in its way.
        return $data['commands'] !== [] && $data['meant'] !== null ? ['hits' => [], 'meant' => null] + $data : $data;
    }
}
