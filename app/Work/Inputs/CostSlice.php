<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\Platform\Writing\Typed;
use Illuminate\Http\Request;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\CostBy;
use Sundial\Costing\CostKind;

/** Which costs of a site somebody asks for: from when to when, put together by what, below which place or asset. */
final readonly class CostSlice
{
    private function __construct(
        public LocalDate $from,
        public LocalDate $to,
        public CostBy $by,
        public ?string $under,
        public ?string $key,
        public ?CostKind $kind,
    ) {
    }

    /** The year so far where no time is named; a time that ends before it begins is turned round. */
    public static function asked(Request $request, LocalDate $today): self
    {
        $from = Typed::day($request, 'from', LocalDate::of($today->year, 1, 1));
        $to = Typed::day($request, 'to', $today);
        $under = rtrim(Typed::word($request, 'under'), '/');

        return new self(
            LocalDate::earlier($from, $to),
            LocalDate::later($from, $to),
            CostBy::tryFrom(Typed::word($request, 'by')) ?? CostBy::Place,
            preg_match('~^(/[LA]\d{1,18})+$~D', $under) === 1 ? "{$under}/" : null,
            $request->has('key') ? Typed::word($request, 'key') : null,
            CostKind::tryFrom(Typed::word($request, 'kind')),
        );
    }

    /**
     * @param  array<string, string|null>  $other
     * @return string the address of the same with something else
     */
    public function address(string $page, array $other = []): string
    {
        $all = $other + [
            'by' => $this->by->value,
            'from' => (string) $this->from,
            'to' => (string) $this->to,
            'under' => $this->under,
        ];

        return $page.'?'.http_build_query(array_filter($all, static fn (?string $one): bool => $one !== null));
    }
}
