<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Writing\Typed;
use App\Stops\Queries\OeeOf;
use App\Stops\Queries\OeeSlice;
use App\Stops\Queries\RejectsAddedUp;
use Illuminate\Http\Request;
use Sundial\Calendar\LocalDate;

/** What is asked of effectiveness: added up by what, of which days and line, and beside which. */
final readonly class OeeAsked
{
    public const DAYS = [7, 30, 90, 365];

    private function __construct(
        public string $by,
        public int $days,
        public ?int $lineId,
        public string $value,
        public string $one,
        public string $other,
        public string $rejects,
    ) {
    }

    public static function of(Request $request): self
    {
        $by = Typed::word($request, 'by', 'line');
        $days = Typed::id($request, 'days') ?? 30;

        return new self(
            isset(OeeOf::BY[$by]) ? $by : 'line',
            in_array($days, self::DAYS, true) ? $days : 30,
            Typed::id($request, 'line'),
            Typed::word($request, 'value'),
            Typed::word($request, 'one'),
            Typed::word($request, 'other'),
            isset(RejectsAddedUp::BY[Typed::word($request, 'rejects')]) ? Typed::word($request, 'rejects') : 'reason',
        );
    }

    /** Up to the day that is given, which has begun. */
    public function slice(int $siteId, LocalDate $today): OeeSlice
    {
        return OeeSlice::of($siteId, $today->plusDays(1 - $this->days), $today)->line($this->lineId);
    }

    /** @param  array<string, mixed>  $change */
    public function address(array $change): string
    {
        return "/stops/oee?{$this->query($change)}";
    }

    /** @param  array<string, mixed>  $change */
    public function query(array $change = []): string
    {
        return http_build_query(array_filter($change + [
            'by' => $this->by,
            'days' => $this->days,
            'line' => $this->lineId,
            'rejects' => $this->rejects === 'reason' ? null : $this->rejects,
        ]));
    }
}
