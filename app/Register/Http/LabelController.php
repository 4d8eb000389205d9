<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Extension\Extensions;
use App\Platform\Extension\LabelSource;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Writing\Typed;
use App\Register\Extension\GuestsAtLabel;
use App\Register\Queries\AssetByLabel;
use App\Register\Queries\LabelledAssets;
use App\Register\Queries\LabelSheet;
use App\Register\Queries\RegisterLists;
use App\Register\Table\AssetFilter;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use stdClass;
use Sundial\Access\Right;
use Sundial\Register\ShortCode;
use Sundial\Support\SundialException;

final class LabelController
{
    private const MOST = 400;

    public function __construct(private readonly CurrentSite $site, private readonly RegisterLists $register)
    {
    }

    public function show(Request $request): Page
    {
        $assets = $this->assets($request);

        return Page::in('assets', 'Labels')->sheet('register.labels.sheet', [
            'sizes' => array_keys(LabelSheet::SIZES),
            'assets' => $assets->take(self::MOST),
            'more' => $assets->count() > self::MOST,
            'place' => Typed::word($request, 'place'),
            'only' => Typed::word($request, 'asset'),
            'filtered' => array_diff_key(AssetFilter::from((array) $request->query()), ['place' => 1]) !== [],
            'places' => $this->register->locations($this->site->id()),
            'code' => static fn (int $id): string => ShortCode::of($id)->code,
        ]);
    }

    public function print(Request $request, LabelSheet $sheet, LabelledAssets $labelled): Response
    {
        $given = $request->validate(
            [
                'size' => [
                    'required',
                    'in:'.
                    implode(
                        ',',
                        array_map(
                            static fn (string $name): string => '"'.$name.'"',
                            array_keys(LabelSheet::SIZES),
                        ),
                    ),
                ],
                'assets' => ['required', 'array', 'max:'.self::MOST],
                'assets.*' => [OnSite::record('assets', $this->site->id(), 'asset')],
            ],
            [
                'assets.required' => 'Choose at least one asset.',
                'assets.max' => 'At most '.self::MOST.' labels at a time.',
            ],
        );
        $assets = $labelled->chosen($this->site->id(), array_map(intval(...), array_values($given['assets'])));

        return response($sheet->pdf($assets, $given['size'], $request->getSchemeAndHttpHost()))
            ->header('Content-Type', 'application/pdf')
            ->header('Content-Disposition', 'inline; filename="labels.pdf"')
            ->header('Cache-Control', 'no-store');
    }

    /** Where a scanned code leads: to its asset, whatever its tag is by now. */
    public function scan(Request $request, string $code): RedirectResponse
    {
        if ($request->user() === null) {
            $guests = app()->bound(GuestsAtLabel::class) ? app(GuestsAtLabel::class) : null;

            return redirect($guests === null ? '/login' : $guests->to(rawurlencode($code)));
        }
        Gate::authorize(Right::SeeOwnLine->value);
        try {
            $asset = $this->register->assetOfCode(ShortCode::parse($code)->number);
        } catch (SundialException $e) {
            abort(404, $e->getMessage());
        }
        $asset ?? abort(404, 'No asset has this code. It may come from another plant’s label.');

        return redirect('/assets/'.($asset->merged_into_id ?? $asset->id));
    }

    /**
     * The camera of the device, or what was read by it or typed: an address of a label, its code, or a tag of this
     * site.
     */
    public function look(Request $request, AssetByLabel $find, Extensions $extensions): Page|RedirectResponse
    {
        $text = is_string($request->query('text')) ? trim($request->query('text')) : '';
        $asset = $find->anywhere($this->site->id(), $text);
        if ($asset !== null) {
            return redirect("/assets/{$asset->id}");
        }
        foreach ($extensions->of(LabelSource::class) as $source) {
            $leads = $source->leadsTo($text, $this->site->id());
            if ($leads !== null) {
                return redirect($leads);
            }
        }

        return Page::in('assets', 'Scan a label')
            ->sheet('register.labels.scan', ['text' => $text])
            ->withoutHorizon();
    }

    /** @return Collection<int, stdClass> */
    private function assets(Request $request): Collection
    {
        $asset = Typed::word($request, 'asset');

        return app(LabelledAssets::class)->asked(
            $this->site->id(),
            ctype_digit($asset) ? (int) $asset : null,
            AssetFilter::from((array) $request->query()),
            self::MOST + 1,
        );
    }
}
