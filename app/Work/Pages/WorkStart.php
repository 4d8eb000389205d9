<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Planning\Queries\LoadOfWeek;
use App\Platform\Access\Rights;
use App\Platform\Clock\Clock;
use App\Platform\Frame\Wording;
use App\Platform\Sites\Site;
use App\Work\Queries\WorkWaiting;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use stdClass;
use Sundial\Access\Right;
use Sundial\Work\Waiting\AgreedStay;
use Sundial\Work\Waiting\CrewWeeks;
use Sundial\Work\Waiting\Lane;
use Sundial\Work\Waiting\StandingScale;

/** The start page of work: how long everything has stood where it stands, the backlog, and what waits for whom. */
final readonly class WorkStart
{
    /** Days over which the first answers to requests are looked at. */
    private const ANSWERS = 60;

    public function __construct(
        private WorkWaiting $waiting,
        private LoadOfWeek $load,
        private Wording $words,
        private Clock $clock,
    ) {
    }

    /** @return Collection<string, Collection<int, stdClass>> what stands in each state, the longest first */
    public function standing(Site $site): Collection
    {
        return $this->waiting->standing($site->id);
    }

    /**
     * @param  Collection<string, Collection<int, stdClass>>  $standing
     * @return array<string, mixed> how long everything has stood where it stands
     */
    public function __invoke(Site $site, Collection $standing): array
    {
        $today = $site->dayOf($this->clock->now());
        $standing = collect($standing)->put(Lane::Requests->value, $this->waiting->requests($site->id));
        $agreed = $this->waiting->agreed($site->id);
        $answer = $this->waiting->firstAnswer(
            $site->id,
            $this->clock->now()->modify('-'.self::ANSWERS.' days'),
        );
        $lanes = array_map(
            fn (Lane $lane): WorkLane => $this->lane($lane, $agreed, $standing->get($lane->value) ?? collect()),
            Lane::cases(),
        );

        return [
            'site' => $site,
            'open' => $standing->except([Lane::Requests->value, Lane::Done->value])->sum(self::many(...)),
            'week' => $this->waiting->week($site->id, $today->plusDays(1 - $today->weekday()), $today),
            'answer' => $answer === null ? null : $this->words->minutes($answer),
            'lanes' => $lanes,
            'knots' => array_slice(StandingScale::KNOTS, 0, 6, true),
        ];
    }

    /**
     * @param  Collection<string, Collection<int, stdClass>>  $standing
     * @return array<string, mixed> the hours that wait, and what waits for whom
     */
    public function rest(Site $site, Collection $standing): array
    {
        $backlog = $this->backlog($site->id);

        return [
            'backlog' => $backlog,
            'weeks' => array_map($this->weeks(...), $backlog),
            'longest' => max([40, ...array_map(static fn (CrewWeeks $one): int => (int) $one->tenths, $backlog)]),
            'waits' => $this->waits($site->id, $standing->get(Lane::Done->value) ?? collect()),
        ];
    }

    /**
     * How many stand there, also where not all of them are drawn.
     *
     * @param  Collection<int, stdClass>  $rows
     */
    private static function many(Collection $rows): int
    {
        return (int) $rows
            ->groupBy(static fn (stdClass $row): string => (string) ($row->state ?? ''))
            ->sum(static fn (Collection $of): int => (int) ($of->first()->many ?? $of->count()));
    }

    /** @param  Collection<int, stdClass>  $rows */
    private function lane(Lane $lane, AgreedStay $agreed, Collection $rows): WorkLane
    {
        $count = self::many($rows);
        $state = $lane === Lane::Planned ? 'planned' : $lane->value;

        return new WorkLane(
            $lane === Lane::Done ? 'to review' : $lane->value,
            $lane === Lane::Done ? (string) $count : "{$count} {$lane->wants()}",
            $lane === Lane::Requests ? '/requests' : '/orders?state='.rawurlencode($state),
            $this->posts($rows, $lane, $agreed),
            StandingScale::place($agreed->days($lane) * 24 * 60),
        );
    }

    /**
     * Those that stand as long as one can see are one post.
     *
     * @param  Collection<int, stdClass>  $rows  the longest first
     * @return list<array{int, bool, string, string, int}>
     */
    private function posts(Collection $rows, Lane $lane, AgreedStay $agreed): array
    {
        $now = $this->clock->now()->getTimestamp();
        [$page, $letter] = $lane === Lane::Requests ? ['/requests', 'R'] : ['/orders', 'W'];
        $posts = [];
        foreach ($rows as $row) {
            $from = new DateTimeImmutable((string) $row->from_at, new DateTimeZone('UTC'));
            $minutes = intdiv(max(0, $now - $from->getTimestamp()), 60);
            $place = StandingScale::place($minutes);
            $at = intdiv($place, 8);
            $says = "{$letter}-{$row->number} {$row->title}, {$this->words->lasting($minutes)}";
            $posts[$at] = isset($posts[$at])
                ? [$posts[$at][0], $posts[$at][1], $posts[$at][2], "{$posts[$at][3]}\n{$says}", $posts[$at][4] + 1]
                : [$place, $agreed->isOver($lane, $minutes), "{$page}/{$row->id}", $says, 1];
        }

        return array_values($posts);
    }

    /** @return array<string, CrewWeeks> by trade */
    private function backlog(int $siteId): array
    {
        $weeks = $this->load->weekMinutes($siteId);
        $backlog = [];
        foreach ($this->waiting->backlog($siteId) as $row) {
            $backlog[(string) $row->trade] = CrewWeeks::of(
                (int) $row->minutes,
                (int) $row->ready,
                $weeks[(string) $row->trade] ?? 0,
            );
        }

        return $backlog;
    }

    private function weeks(CrewWeeks $one): string
    {
        return $one->tenths === null
            ? 'nobody is there'
            : $this->words->quantity(intdiv($one->tenths, 10).'.'.$one->tenths % 10);
    }

    /**
     * @param  Collection<int, stdClass>  $done  the longest first
     * @return list<array{string, string, string, string}> for whom or what, where that leads, how many, and since when
     */
    private function waits(int $siteId, Collection $done): array
    {
        $lacking = $this->waiting->lacking($siteId);
        $longest = $done->first();
        $waits = [];
        if ($longest !== null) {
            $since = "longest since {$this->words->day((string) $longest->from_at)}";
            $queue = Rights::has(Right::ReopenOrders) ? '/orders/review' : '/orders?state=done';
            $waits[] = ['a review', $queue, self::many($done).' done', $since];
        }
        if ($lacking['unnamed'] > 0) {
            $waits[] = ['somebody to be named', '/orders?state=approved', "{$lacking['unnamed']} approved", ''];
        }
        foreach ($this->waiting->holds($siteId) as $hold) {
            $look = $hold->look === null ? '' : "look again {$this->words->day((string) $hold->look)}";
            $waits[] = [(string) $hold->reason, '/orders?state=on+hold', "{$hold->n} on hold", $look];
        }
        if ($lacking['permits'] > 0) {
            $waits[] = ['a permit', '/orders?state=approved', "{$lacking['permits']} to start", ''];
        }

        return $waits;
    }
}
