<?php

declare(strict_types=1);

namespace App\Register\Queries;

use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\Nearness;
use Sundial\Register\LifeState;

/** One asset in a list: what it is, and how near its next visit is, with the words for it. */
final readonly class AssetLine
{
    /** What a line is made of: of the asset (a) and of its summary (n). */
    public const COLUMNS = [
        'a.id',
        'a.tag',
        'a.name',
        'a.life_state',
        'n.base_on',
        'n.next_due_on',
        'n.near_from',
        'n.release_on',
        'n.headline',
        'n.hand_label',
        'n.hand_due_on',
        'n.hand_base_on',
        'n.late_from',
        'n.down_since',
        'n.expected',
        'n.other_due_on',
        'n.open_orders',
        'n.restriction',
    ];

    private function __construct(
        public int $id,
        public string $tag,
        public string $name,
        public LifeState $life,
        public ?Nearness $nearness,
        public ?int $consumed,
        public ?int $lead,
        public ?int $other,
        public string $words,
        public int $openOrders,
        public ?string $className,
        public bool $down,
    ) {
    }

    public static function of(stdClass $row, LocalDate $today): self
    {
        $life = LifeState::from($row->life_state);
        $day = static fn (?string $iso): ?LocalDate => $iso === null ? null : LocalDate::parse($iso);
        [$base, $due, $near, $release] = [
            $day($row->base_on),
            $day($row->next_due_on),
            $day($row->near_from),
            $day($row->release_on),
        ];
        $nearness =
            $due !== null && $near !== null ? Nearness::on($today, $near, $due, $day($row->late_from)) : null;
        $nearness = Nearness::together($nearness, $row->hand_label !== null);
        if ($nearness === Nearness::InHand) {
            [$base, $due, $release] = [$day($row->hand_base_on), $day($row->hand_due_on), null];
            $row->other_due_on = null;
        }
        $part = static fn (?LocalDate $at): ?int => $at === null || $base === null || $due === null
            ? null
            : max(0, intdiv(1000 * $base->daysUntil($at), max(1, $base->daysUntil($due))));

        return new self(
            (int) $row->id,
            $row->tag,
            $row->name,
            $life,
            $nearness,
            $part($today),
            $part($release),
            self::share($base, $day($row->other_due_on), $today),
            (($row->restriction ?? null) === null ? '' : "restricted: {$row->restriction} · ").
                self::words($nearness, $life, $today, $due, $row),
            (int) $row->open_orders,
            $row->class_name ?? null,
            ($row->down_since ?? null) !== null,
        );
    }

    /** How far the trigger that does not lead has come. */
    private static function share(?LocalDate $base, ?LocalDate $due, LocalDate $today): ?int
    {
        return $base === null || $due === null
            ? null
            : max(0, intdiv(1000 * $base->daysUntil($today), max(1, $base->daysUntil($due))));
    }

    private static function words(
        ?Nearness $nearness,
        LifeState $life,
        LocalDate $today,
        ?LocalDate $due,
        stdClass $row,
    ): string {
        if (($row->down_since ?? null) !== null) {
            return 'down'.($row->headline === null ? '' : " · {$row->headline}");
        }
        $days = $due === null ? 0 : $today->daysUntil($due);
        $about = (int) $row->expected === 1 ? 'about ' : '';
        $late = $row->late_from === null ? 0 : LocalDate::parse($row->late_from)->daysUntil($today) + 1;

        return match (true) {
            ! $life->isInUse() => $life->value,
            $nearness === Nearness::InHand => "in hand {$row->hand_label}".
                ($days < 0 ? ' · '.-$days.' d late' : ''),
            $nearness === Nearness::Late => "{$late} d late · {$row->headline}",
            $nearness === Nearness::Due => ($about === ''
                ? 'due today'
                : ($days < 0
                    ? 'due, reading wanted'
                    : 'due about today'))." · {$row->headline}",
            $nearness === Nearness::Near => ($days === 1 ? "{$about}tomorrow" : "in {$about}{$days} d").
                " · {$row->headline}",
            $nearness === Nearness::Clear => "in {$about}{$days} d",
            default => 'no schedule',
        };
    }

    /** How its words are toned: down before anything else, then by nearness. */
    public function tone(): string
    {
        return $this->down ? 'down' : str_replace(' ', '-', $this->nearness->value ?? '');
    }
}
