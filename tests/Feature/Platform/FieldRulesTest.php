<?php

declare(strict_types=1);

use App\Platform\Writing\FieldRules;
use Illuminate\Support\Facades\Validator;
use Sundial\Import\CellKind;
use Sundial\Import\CellStyle;
use Sundial\Import\Column;
use Sundial\Import\NumberStyle;
use Sundial\Support\SundialException;

/** Whether a file takes a cell, and whether a form takes the same words. */
function bothTake(Column $column, string $typed): array
{
    try {
        $column->read($typed, CellStyle::of(NumberStyle::Point));
        $file = true;
    } catch (SundialException) {
        $file = false;
    }
    $form = Validator::make(['x' => $typed], ['x' => FieldRules::from($column)->of($column->key)])->passes();

    return [$file, $form];
}

it('refuses in a form what a file refuses, at the same bound', function (Column $column, string $fits, string $not) {
    expect(bothTake($column, $fits))->toBe([true, true])->and(bothTake($column, $not))->toBe([false, false]);
})->with([
    'text' => [Column::text('name', 5), 'abcde', 'abcdef'],
    'whole, least' => [Column::whole('days', 14, 999), '14', '13'],
    'whole, most' => [Column::whole('days', 14, 999), '999', '1000'],
    'choice' => [Column::choice('kind', ['counter', 'gauge']), 'gauge', 'clock'],
    'date' => [Column::of('on', CellKind::Date), '2026-02-28', '2026-02-30'],
]);

it('asks for what a file cannot do without', function () {
    $rules = FieldRules::from(Column::text('name', 5)->needed(), Column::text('note', 5))->only('name', 'note');
    expect(Validator::make([], $rules)->errors()->keys())->toBe(['name']);
});
