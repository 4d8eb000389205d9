<?php

declare(strict_types=1);

namespace Tests\Feature\Stops;

use App\Platform\Audit\Actor;
use App\Stops\Actions\SaveLine;
use App\Stops\Actions\SaveProduct;
use App\Stops\Actions\SetIdealRate;
use App\Stops\Actions\SetPattern;
use App\Stops\Inputs\LineInput;
use App\Stops\Inputs\ProductInput;
use App\Stops\Models\Line;
use App\Stops\Models\Product;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\StopReason;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\ShiftPattern;
use Sundial\Stops\ShiftTurn;
use Sundial\Stops\StopKind;
use Tests\Feature\Plant;

/** A line in the hall of the plant: the pump, which its motor stops; one shift a day, one product of 60 s. */
final readonly class LineFloor
{
    private function __construct(public Line $line, public Product $product)
    {
    }

    public static function of(Plant $plant, int $speedBelow = 0): self
    {
        $by = Actor::sundial();
        $line = app(SaveLine::class)(
            $by,
            new Line(['site_id' => $plant->site->id, 'asset_id' => $plant->pump->id]),
            new LineInput([$plant->motor->id], $speedBelow, 6000, 60),
        );
        $product = app(SaveProduct::class)(
            $by,
            new Product(['site_id' => $plant->site->id]),
            new ProductInput('CL-1', 'Cloth', 'm'),
        );
        $from = LocalDate::parse('2026-03-02');
        app(SetIdealRate::class)($by, $line, $product->id, $from, '60');
        app(SetPattern::class)($by, $line, $from, ShiftPattern::of(
            ShiftTurn::of('early', '06:00-14:00', '10:00-10:30', range(1, 7)),
            ShiftTurn::of('late', '14:00-22:00', '18:00-18:30', range(1, 7)),
        ));
        $kinds = ['Jam' => StopKind::Failure, 'Cleaning' => StopKind::Planned, 'No yarn' => StopKind::Starved];
        foreach ($kinds as $name => $kind) {
            StopReason::query()->create(['name' => $name, 'kind' => $kind]);
        }

        return new self($line->load(['asset', 'parts', 'patterns']), $product);
    }

    public function shift(string $day, string $name = 'early'): ShiftRecord
    {
        return ShiftRecord::query()
            ->where('line_id', $this->line->id)
            ->where('day', $day)
            ->where('shift', $name)
            ->sole();
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed> the form of a shift with one run
     */
    public function form(ShiftRecord $record, int $total, int $rejects, array $more = []): array
    {
        return $more + [
            'version' => $record->version,
            'runs' => [[
                'product_id' => $this->product->id,
                'from' => '06:00',
                'to' => '14:00',
                'total' => $total,
                'rejects' => $rejects,
            ]],
        ];
    }
}
