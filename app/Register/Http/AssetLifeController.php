<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Extension\Extensions;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Register\Actions\CopyAsset;
use App\Register\Actions\MergeAssets;
use App\Register\Actions\RetireAsset;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\TieAssets;
use App\Register\Actions\UntieAsset;
use App\Register\Extension\OnCopy;
use App\Register\Http\Requests\CopiesRequest;
use App\Register\Inputs\AssetFacts;
use App\Register\Models\Asset;
use App\Register\Queries\AssetByLabel;
use App\Register\Queries\MergePreview;
use App\Register\Queries\RegisterLists;
use App\Register\Queries\Whereabouts;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Sundial\Register\LifeState;
use Sundial\Register\Numbering;
use Sundial\Support\InvalidInput;
use Sundial\Support\SundialException;

/** What becomes of an asset as a whole: more like it, merged with another, retired, brought back. */
final class AssetLifeController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly Extensions $extensions,
        private readonly RegisterLists $register,
    ) {
    }

    /** @param  array<string, mixed>  $data */
    private function page(Asset $asset, string $title, string $view, array $data): Page
    {
        $site = $this->site->enter($asset->site_id);

        return Page::in('assets', "{$title} {$asset->tag}")
            ->sheet(
                $view,
                $data + ['asset' => $asset, 'site' => $site, 'crumbs' => (new Whereabouts())->crumbs($asset->path)],
            )
            ->horizon(fn (): Horizon => Horizon::of($asset->subject(), $asset->name, $this->site->today()));
    }

    public function copy(Request $request, Asset $asset): Page
    {
        $count = max(1, min(Numbering::MOST, $request->integer('count', 1)));
        $standing = new Whereabouts();
        $takes = [];
        foreach ($this->extensions->of(OnCopy::class) as $what) {
            $takes = [...$takes, ...$what->wouldTake($asset)];
        }

        return $this->page($asset, 'More like', 'register.assets.copy', [
            'count' => $count,
            'copies' => Numbering::after(
                $asset->tag,
                $asset->name,
                $count,
                static fn (string $tag): bool => $standing->taken($asset->site_id, $tag),
            ),
            'schedules' => $takes,
            'meters' => $this->register->metersOf($asset),
            'today' => $this->site->today(),
        ]);
    }

    public function makeCopies(
        CopiesRequest $request,
        Asset $asset,
        CopyAsset $copy,
        FirstAnswer $once,
    ): RedirectResponse {
        $start = $request->start();
        if ($start !== null) {
            Gate::authorize('plan', $asset);
        }
        $copies = $request->copies();

        return $once->redirect(function () use ($request, $asset, $copy, $copies, $start): array {
            $this->untaken($asset, $copies);
            $made = $copy($request->user()->actor(), $asset, $copies, $start, $request->boolean('meters'));

            return count($made) === 1
                ? ["/assets/{$made[0]->id}", 'It is in the register.']
                : ['/assets?q='.urlencode($made[0]->name), count($made).' more are in the register.'];
        });
    }

    /** @param  list<array{tag: string, name: string}>  $copies */
    private function untaken(Asset $asset, array $copies): void
    {
        $errors = [];
        foreach ($copies as $i => $copy) {
            if ((new Whereabouts())->taken($asset->site_id, $copy['tag'])) {
                $errors["copies.{$i}.tag"] = "The tag {$copy['tag']} is taken at this site.";
            }
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
    }

    public function merge(Request $request, Asset $asset, MergePreview $preview): Page
    {
        $tag = is_string($request->query('other')) ? trim($request->query('other')) : '';
        $data = ['tag' => $tag, 'other' => null, 'refused' => null, 'merging' => null, 'follows' => []];
        if ($tag !== '') {
            $other = $this->register->assetByTag($asset->site_id, $tag);
            try {
                $data =
                    [
                        'other' => $other ??
                            throw InvalidInput::because(
                                'no_asset',
                                'other',
                                "There is no asset with the tag “{$tag}” at this site.",
                            ),
                        'merging' => $preview->merging($asset, $other),
                        'follows' => $preview->follows($asset, $other),
                    ] + $data;
            } catch (SundialException $e) {
                $data['refused'] = $e->getMessage();
            }
        }

        return $this->page($asset, 'Merge', 'register.assets.merge', $data);
    }

    public function makeOne(Request $request, Asset $asset, MergeAssets $merge): RedirectResponse
    {
        $given = $request->validate(['other_id' => ['required', 'integer']]);
        $other = $this->register->asset($asset->site_id, (int) $given['other_id']) ?? abort(404);
        Gate::authorize('update', $other);
        $merge($request->user()->actor(), $asset, $other);

        return redirect("/assets/{$asset->id}")->with(
            'said',
            "{$other->tag} is merged into {$asset->tag}: its history is here now, and its label leads here.",
        );
    }

    public function retire(Request $request, Asset $asset, RetireAsset $retire): RedirectResponse
    {
        $given = $request->validate(
            ['reason' => ['required', 'string', 'max:250']],
            ['reason.required' => 'Say why it is retired; it stands in its log.'],
        );
        $count = $retire($request->user()->actor(), $asset, $given['reason'], $request->boolean('inside'));

        return redirect("/assets/{$asset->id}")->with(
            'said',
            $count > 1
                ? "{$asset->name} and ".($count - 1).' inside it are retired. Their history stays.'
                : "{$asset->name} is retired. Its history stays.",
        );
    }

    public function bringBack(Request $request, Asset $asset, SaveAsset $save): RedirectResponse
    {
        if ($asset->merged_into_id !== null) {
            throw InvalidInput::because(
                'merged',
                'form',
                'It was merged into another asset, and its history is there now.',
            );
        }
        $given = $request->validate(
            ['life_state' => ['required', 'in:in service,standby,out of service']],
            [],
            ['life_state' => 'life state'],
        );
        $save($request->user()->actor(), $asset, $asset->site_id, AssetFacts::of([
            'life_state' => LifeState::from($given['life_state']),
        ]));

        return redirect("/assets/{$asset->id}")->with('said', "{$asset->name} is back: {$given['life_state']}.");
    }

    public function stopWith(
        Request $request,
        Asset $asset,
        TieAssets $together,
        AssetByLabel $find,
    ): RedirectResponse {
        $given = $request->validate(
            ['with' => ['required', 'string', 'max:200']],
            ['with.required' => 'Give the tag of the other asset.'],
        );
        $other =
            $find($asset->site_id, $given['with']) ??
            throw InvalidInput::because(
                'no_asset',
                'with',
                "No asset of this site has the tag or code “{$given['with']}”.",
                $given['with'],
            );
        $together($request->user()->actor(), $asset, $other);

        return redirect("/assets/{$asset->id}#tied-it")->with(
            'said',
            "{$asset->tag} and {$other->tag} are stopped together: work on one is offered to the other.",
        );
    }

    public function stopAlone(Request $request, Asset $asset, UntieAsset $alone): RedirectResponse
    {
        $alone($request->user()->actor(), $asset);

        return redirect("/assets/{$asset->id}#tied-it")->with('said', "{$asset->tag} stops alone.");
    }
}
