<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use App\Platform\Access\Rights;
use App\Platform\Frame\HorizonMark;
use App\Platform\Subject;
use App\Platform\Today\Group;
use Closure;
use Illuminate\Contracts\Container\Container;
use Sundial\Calendar\LocalDate;

/**
 * What capabilities show on the floors below them. It lives as long as the request: which there are is kept, they
 * themselves are made when they are first asked.
 */
final class Extensions
{
    /** @var array<class-string, list<object>> by extension point */
    private array $at = [];

    /** @var array<class-string, object> each once, on however many points it stands */
    private array $made = [];

    public function __construct(private readonly Container $app, private readonly ExtensionList $list)
    {
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $point  an interface of extensions
     * @return list<T> those that stand there, in the order of the floors
     */
    public function of(string $point): array
    {
        /** @var list<T> $made */
        $made = $this->at[$point] ??= array_map(
            fn (string|Closure $one): object => $one instanceof Closure
                ? $one()
                : ($this->made[$one] ??= $this->app->make($one)),
            $this->list->at($point),
        );

        return $made;
    }

    /** @return list<CalendarItem> what stands on the days of a site */
    public function onCalendar(int $siteId, LocalDate $from, LocalDate $to, ?int $teamId): array
    {
        return array_merge(
            ...array_map(
                static fn (CalendarSource $source): array => $source->items($siteId, $from, $to, $teamId),
                $this->of(CalendarSource::class),
            ),
        );
    }

    /**
     * @param  int  $from  how many of the first ones are left out
     * @param  int|null  $most  how many are shown at most; null: all
     * @return list<array{title: string, view: string, data: array<string, mixed>, count: int|null}> those that
     *     this person may see, in order
     */
    public function sections(Subject $subject, int $from = 0, ?int $most = null): array
    {
        $may = Rights::asker();
        $sections = array_filter(
            $this->of(SheetSection::class),
            static fn (SheetSection $section): bool => $section->kind() === $subject->kind && $may($section->right()),
        );
        usort($sections, static fn (SheetSection $a, SheetSection $b): int => $a->position() <=> $b->position());

        $shown = array_map(static function (SheetSection $section) use ($subject): array {
            [$view, $data, $count] = $section->view($subject);

            return ['title' => $section->title(), 'view' => $view, 'data' => $data, 'count' => $count];
        }, array_slice($sections, $from, $most));

        return array_values(array_filter($shown, static fn (array $section): bool => $section['view'] !== ''));
    }

    /** @return list<array{label: string, href: string, strong: bool, post?: bool}> the strong one first */
    public function actions(Subject $subject): array
    {
        $offers = [];
        foreach ($this->of(SheetAction::class) as $action) {
            $offer = $action->kind() === $subject->kind ? $action->offer($subject) : null;
            if ($offer !== null) {
                $offers[] = $offer;
            }
        }

        usort($offers, static fn (array $a, array $b): int => $b['strong'] <=> $a['strong']);

        return $offers;
    }

    /** @return list<HorizonMark> by date */
    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        $marks = [];
        foreach ($this->of(HorizonSource::class) as $source) {
            $marks = [...$marks, ...$source->marks($subject, $from, $to)];
        }
        usort($marks, static fn (HorizonMark $a, HorizonMark $b): int => $a->from->epochDay <=> $b->from->epochDay);

        return $marks;
    }

    /** @return list<Group> in the order in which they matter to this person */
    public function today(int $siteId, LocalDate $today): array
    {
        $groups = [];
        foreach ($this->of(TodayCard::class) as $card) {
            $groups = [...$groups, ...$card->groups($siteId, $today)];
        }
        usort($groups, static fn (Group $a, Group $b): int => $a->position <=> $b->position);

        return $groups;
    }
}
