<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use App\Platform\Documents\MarksDrawing;
use App\Platform\Extension\NewOffer;
use App\Platform\Extension\Offers;
use App\Platform\Extension\RailPlace;
use App\Platform\Extension\SetupPage;
use App\Platform\Jump\Commands;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\Site;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use Sundial\Planning\Visit\Nearness;
use Throwable;

/** What the frame around every page shows this person: asked by its views, once a site can be known. */
final class FrameForViews
{
    /** @return list<RailPlace> */
    public function rail(): array
    {
        return $this->places(false);
    }

    /** @return list<RailPlace> */
    public function foot(): array
    {
        return $this->places(true);
    }

    /** @return list<NewOffer> */
    public function offersNew(): array
    {
        return app(Offers::class)->mine(NewOffer::class);
    }

    /** @return list<SetupPage> */
    public function setup(): array
    {
        return app(Offers::class)->mine(SetupPage::class);
    }

    /** @return list<array{label: string, href: string, keys: string}> */
    public function commands(): array
    {
        return app(Commands::class)->all();
    }

    /** @return Collection<int, Site> */
    public function sites(): Collection
    {
        return app(CurrentSite::class)->all();
    }

    /** The name of the site in which this person is at work. */
    public function site(): string
    {
        return $this->sites()->isEmpty() ? 'Sundial' : app(CurrentSite::class)->get()->name;
    }

    /** @param  array<string, mixed>  $asked */
    public function address(string $path, array $asked = []): Address
    {
        return Address::of($path, $asked);
    }

    /** Whether this person may do something to a record, or at this site. */
    public function can(string $ability, mixed $about = []): bool
    {
        return Gate::allows($ability, $about);
    }

    public function dial(
        ?Nearness $nearness,
        ?int $consumed = null,
        ?int $lead = null,
        ?int $other = null,
        int $size = 26,
    ): string {
        return Dial::svg($nearness, $consumed, $lead, $other, $size);
    }

    public function post(string $state, bool $large = false): string
    {
        return Post::svg($state, $large);
    }

    /** @param  list<array{tool: string, points: list<array{int, int}>, text: string}>  $marks */
    public function marks(array $marks, int $width, int $height): string
    {
        return MarksDrawing::svg($marks, $width, $height);
    }

    public function horizon(Horizon $horizon): string
    {
        return (new HorizonDrawing($horizon))->svg();
    }

    /** What the browser is told about swapping parts of a page. */
    public function htmx(): string
    {
        return HtmxSettings::json();
    }

    /** What we ourselves said about a failure; nothing where the framework did. */
    public function failure(?Throwable $e): string
    {
        return Failures::own($e);
    }

    public function failureIsWritten(): bool
    {
        return Failures::wasWrittenDown();
    }

    /** @return list<RailPlace> */
    private function places(bool $atFoot): array
    {
        return array_values(
            array_filter(
                app(Offers::class)->mine(RailPlace::class),
                static fn (RailPlace $place): bool => $place->atFoot === $atFoot,
            ),
        );
    }
}
