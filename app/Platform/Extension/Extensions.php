<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use App\Platform\Access\Rights;
use App\Platform\Frame\HorizonMark;
use App\Platform\Subject;
use App\Platform\Today\Group;
use Sundial\Calendar\LocalDate;

/** Where capabilities register what they show on the floors below them. */
final class Extensions
{
    /** @var list<SheetSection> */
    private array $sections = [];

    /** @var list<SheetAction> */
    private array $actions = [];

    /** @var list<HorizonSource> */
    private array $horizon = [];

    /** @var list<JumpSource> */
    private array $jumps = [];

    /** @var list<TodayCard> */
    private array $cards = [];

    /** @var list<CalendarSource> */
    private array $calendar = [];

    public function add(SheetSection|SheetAction|HorizonSource|JumpSource|TodayCard|CalendarSource $extension): void
    {
        if ($extension instanceof CalendarSource) {
            $this->calendar[] = $extension;
        }
        if ($extension instanceof JumpSource) {
            $this->jumps[] = $extension;
        }
        if ($extension instanceof TodayCard) {
            $this->cards[] = $extension;
        }
        if ($extension instanceof SheetSection) {
            $this->sections[] = $extension;
        }
        if ($extension instanceof SheetAction) {
            $this->actions[] = $extension;
        }
        if ($extension instanceof HorizonSource) {
            $this->horizon[] = $extension;
        }
    }

    /** @return list<CalendarItem> what stands on the days of a site */
    public function onCalendar(int $siteId, LocalDate $from, LocalDate $to, ?int $teamId): array
    {
        return array_merge(
            ...array_map(
                static fn (CalendarSource $source): array => $source->items($siteId, $from, $to, $teamId),
                $this->calendar,
            ),
        );
    }

    /**
     * @return list<array{title: string, view: string, data: array<string, mixed>, count: int|null}> those that
     *     this person may see, in order
     */
    public function sections(Subject $subject): array
    {
        $sections = array_filter(
            $this->sections,
            static fn (SheetSection $section): bool => $section->kind() === $subject->kind &&
                Rights::has($section->right()),
        );
        usort($sections, static fn (SheetSection $a, SheetSection $b): int => $a->position() <=> $b->position());

        $shown = array_map(static function (SheetSection $section) use ($subject): array {
            [$view, $data, $count] = $section->view($subject);

            return ['title' => $section->title(), 'view' => $view, 'data' => $data, 'count' => $count];
        }, $sections);

        return array_values(array_filter($shown, static fn (array $section): bool => $section['view'] !== ''));
    }

    /** @return list<array{label: string, href: string, strong: bool, post?: bool}> the strong one first */
    public function actions(Subject $subject): array
    {
        $offers = [];
        foreach ($this->actions as $action) {
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
        foreach ($this->horizon as $source) {
            $marks = [...$marks, ...$source->marks($subject, $from, $to)];
        }
        usort($marks, static fn (HorizonMark $a, HorizonMark $b): int => $a->from->epochDay <=> $b->from->epochDay);

        return $marks;
    }

    /** @return list<JumpSource> */
    public function jumps(): array
    {
        return $this->jumps;
    }

    /** @return list<Group> in the order in which they matter to this person */
    public function today(int $siteId, LocalDate $today): array
    {
        $groups = [];
        foreach ($this->cards as $card) {
            $groups = [...$groups, ...$card->groups($siteId, $today)];
        }
        usort($groups, static fn (Group $a, Group $b): int => $a->position <=> $b->position);

        return $groups;
    }
}
