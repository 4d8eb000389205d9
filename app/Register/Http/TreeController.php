<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Typed;
use App\Register\Actions\MoveInTree;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Register\Queries\RegisterLists;
use App\Register\Queries\Tree;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Sundial\Support\InvalidInput;

final class TreeController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly Tree $tree,
        private readonly RegisterLists $register,
    ) {
    }

    /** The level below a node, when it is opened. */
    public function children(Request $request): Response
    {
        if (! $request->has('of')) {
            return response(
                view('register.places.level', [
                    'nodes' => $this->tree->children($this->site->id()),
                    'depth' => 1,
                    'current' => null,
                ])->render(),
            )->header('Cache-Control', 'no-store');
        }
        $node = $this->node(Typed::word($request, 'of')) ?? abort(404);

        return response(
            view('register.places.level', [
                'nodes' => $this->tree->children(
                    $node->site_id,
                    ($node instanceof Location ? 'L' : 'A').$node->id,
                    $node->path,
                ),
                'depth' => substr_count($node->path, '/'),
                'current' => null,
            ])->render(),
        )->header('Cache-Control', 'no-store');
    }

    public function move(Request $request, MoveInTree $move): RedirectResponse
    {
        [$what, $into] = [
            $this->node(Typed::word($request, 'what')),
            $this->node(Typed::word($request, 'into')),
        ];
        if ($what === null || ($into === null && $request->input('into') !== 'site')) {
            throw InvalidInput::because(
                'gone',
                'form',
                'That does not stand in the tree of this site any more. Open the tree afresh.',
            );
        }
        Gate::authorize('update', $what);
        $from =
            $what instanceof Location
                ? ($what->parent_id === null
                    ? 'site'
                    : "L{$what->parent_id}")
                : ($what->parent_id === null
                    ? "L{$what->location_id}"
                    : "A{$what->parent_id}");
        try {
            $move($request->user()->actor(), $what, $into);
        } catch (InvalidInput $e) {
            throw InvalidInput::because($e->cause(), 'form', $e->getMessage());
        }
        $href = ($what instanceof Location ? '/places/' : '/places?open=A').$what->id;

        return redirect($href)
            ->with(
                'said',
                "{$what->name} now stands ".
                    ($into === null
                        ? 'directly at the site.'
                        : ($into instanceof Location ? 'at' : 'inside')." {$into->name}."),
            )
            ->with('undo', [
                'href' => '/tree/move',
                'method' => 'post',
                'fields' => ['what' => $request->input('what'), 'into' => $from],
            ]);
    }

    private function node(string $key): Location|Asset|null
    {
        if (preg_match('/^([LA])(\d{1,18})$/D', $key, $part) !== 1) {
            return null;
        }
        $id = (int) $part[2];

        return $part[1] === 'L'
            ? $this->register->location($this->site->id(), $id)
            : $this->register->asset($this->site->id(), $id);
    }
}
