<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Planning\Models\Method;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Work\Queries\EstimateFor;
use Sundial\Access\Right;

/** On the sheet of a method: how long it took so far. */
final readonly class TakenSoFar implements SheetSection
{
    public function __construct(private EstimateFor $estimate)
    {
    }

    public function kind(): string
    {
        return 'method';
    }

    public function position(): int
    {
        return 10;
    }

    public function title(): string
    {
        return 'What it took';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function view(Subject $subject): array
    {
        $method = Method::query()->with('inForce')->findOrFail($subject->id);
        $estimate = ($this->estimate)($method->id, null, $method->class_id, $method->inForce?->order_type);

        return $estimate === null ? ['', [], null] : ['work.estimate', ['estimate' => $estimate], null];
    }
}
