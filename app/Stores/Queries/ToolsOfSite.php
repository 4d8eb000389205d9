<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Frame\Wording;
use App\Platform\Subject;
use App\Stores\Models\Tool;
use App\Stores\Models\ToolBooking;
use App\Stores\Models\ToolLoan;
use Illuminate\Support\Collection;
use Sundial\Calendar\LocalDate;

/** The special tools of a site: where each is, who wants it when, and what is wrong with that. */
final readonly class ToolsOfSite
{
    public function __construct(private Wording $words)
    {
    }

    /** @return Collection<int, ToolShown> by name; those no longer used last */
    public function all(int $siteId, LocalDate $today): Collection
    {
        return $this->shown(
            Tool::query()->where('site_id', $siteId)->orderBy('retired')->orderBy('name')->get()->toBase(),
            $today,
        );
    }

    public function one(Tool $tool, LocalDate $today): ToolShown
    {
        return $this->shown(collect([$tool]), $today)->firstOrFail();
    }

    /** The one of the site whose number was typed, or chosen from the list with its name behind it. */
    public function named(int $siteId, string $typed): ?Tool
    {
        return Tool::query()
            ->where('site_id', $siteId)
            ->where('number', explode(' ', trim($typed))[0])
            ->first();
    }

    /** @return Collection<int, ToolBooking> what a record has booked */
    public function bookedFor(Subject $subject): Collection
    {
        return ToolBooking::query()
            ->with('tool')
            ->where('subject_kind', $subject->kind)
            ->where('subject_id', $subject->id)
            ->orderBy('id')
            ->get()
            ->toBase();
    }

    /** @return list<array{id: int, name: string, number: string, says: string, isLate: bool}> */
    public function wrong(int $siteId, LocalDate $today, LocalDate $until): array
    {
        $wrong = [];
        $used = $this->all($siteId, $today)->filter(static fn (ToolShown $one): bool => ! $one->tool->retired);
        foreach ($used as $one) {
            $at = ['id' => $one->tool->id, 'name' => $one->tool->name, 'number' => $one->tool->number];
            $calibrated = $one->tool->calibratedUntil();
            if ($one->isLate($today)) {
                $wrong[] = $at + ['says' => $this->where($one), 'isLate' => true];
            }
            foreach ($one->clashes() as [$a, $b]) {
                $wrong[] = $at + ['says' => "booked twice: {$a->label} and {$b->label}", 'isLate' => true];
            }
            if ($calibrated !== null && ! $calibrated->isAfter($until)) {
                $wrong[] = $at + [
                    'says' => "calibrated until {$this->words->day($calibrated)}",
                    'isLate' => $today->isAfter($calibrated),
                ];
            }
        }

        return $wrong;
    }

    /** "with Ida Holme since 4 Mar, back by 6 Mar"; "in the tool crib". */
    public function where(ToolShown $one): string
    {
        $loan = $one->loan;
        if ($loan === null) {
            return $one->tool->place ?? 'in the store';
        }
        $by = $loan->back_by === null ? '' : ", back by {$this->words->day($loan->back_by)}";

        return "with {$loan->to_who} since {$this->words->day($loan->lent_on)}{$by}";
    }

    /**
     * @param  Collection<int, Tool>  $tools
     * @return Collection<int, ToolShown>
     */
    public function shown(Collection $tools, LocalDate $today): Collection
    {
        $ids = $tools->pluck('id')->all();
        $loans = ToolLoan::query()->whereIn('tool_id', $ids)->whereNull('back_on')->get()->keyBy('tool_id');
        $bookings = ToolBooking::query()
            ->whereIn('tool_id', $ids)
            ->where('to_on', '>=', (string) $today)
            ->orderBy('from_on')
            ->orderBy('id')
            ->get()
            ->groupBy('tool_id');

        return $tools->map(static fn (Tool $tool): ToolShown => new ToolShown(
            $tool,
            $loans->get($tool->id),
            array_values($bookings->get($tool->id)?->all() ?? []),
        ));
    }
}
