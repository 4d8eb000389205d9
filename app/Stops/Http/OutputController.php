<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Api\ApiSites;
use App\Platform\Sites\Site;
use App\Stops\Actions\EnterShift;
use App\Stops\Inputs\RunTyped;
use App\Stops\Inputs\ShiftTyped;
use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\LineByTag;
use App\Stops\Queries\RejectReasons;
use App\Stops\Queries\ShiftNamed;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Sundial\Stops\ShiftClock;
use Sundial\Support\InvalidInput;

/** What shifts made, from programs. */
final class OutputController
{
    public function __construct(
        private readonly ApiSites $sites,
        private readonly LineByTag $lines,
        private readonly ShiftNamed $shifts,
        private readonly RejectReasons $reasons,
    ) {
    }

    /** The whole shift: what was entered before gives way. */
    public function store(Request $request, EnterShift $enter): JsonResponse
    {
        $site = $this->sites->named($request->json('site'));
        $given = $request->validate([
            'line' => ['required', 'string', 'max:40'],
            'day' => ['required', 'date_format:Y-m-d'],
            'shift' => ['required', 'string', 'max:40'],
            'remark' => ['nullable', 'string', 'max:1000'],
            'runs' => ['required', 'array', 'list', 'max:60'],
            'runs.*.product' => ['required', 'string', 'max:40'],
            'runs.*.from' => ['required', 'string', 'max:5'],
            'runs.*.to' => ['required', 'string', 'max:5'],
            'runs.*.total' => ['required', 'integer', 'between:0,100000000'],
            'runs.*.rejected' => ['nullable', 'integer', 'between:0,100000000'],
            'runs.*.reworked' => ['nullable', 'integer', 'between:0,100000000'],
            'runs.*.rejects' => ['nullable', 'array', 'max:60'],
            'runs.*.rejects.*' => ['integer', 'between:0,100000000'],
        ]);
        $line = $this->lines->find($site->id, $given['line']) ?? throw InvalidInput::because(
            'no_line',
            'line',
            'Name a line of this site by the tag of its asset.',
            $given['line'],
        );
        Gate::authorize('enter', $line);
        $record = $this->shifts->find($line->id, $given['day'], $given['shift']);
        $runs = [];
        foreach ($given['runs'] as $i => $run) {
            $runs[] = $this->run($site, $record, $run, "runs.{$i}");
        }
        $kept = $enter(
            $request->user()->actor(),
            $record,
            new ShiftTyped($runs, $record->worked(), $record->team_id, $given['remark'] ?? $record->remark),
            null,
        )->refresh();

        return new JsonResponse([
            'shift' => $kept->id,
            'planned_seconds' => $kept->planned_s,
            'run_seconds' => $kept->run_s,
            'ideal_seconds' => $kept->ideal_s,
            'good_ideal_seconds' => $kept->good_s,
        ], 201);
    }

    /** @param  array<string, mixed>  $run */
    private function run(Site $site, ShiftRecord $record, array $run, string $field): RunTyped
    {
        $known = $this->reasons->offered($record->line_id)->pluck('id', 'name');
        $by = [];
        foreach ($run['rejects'] ?? [] as $name => $pieces) {
            $by[(int) ($known[$name] ?? throw InvalidInput::because(
                'no_reason',
                "{$field}.rejects",
                "“{$name}” is no reject reason of this line.",
                $name,
            ))] = (int) $pieces;
        }
        $product = $this->lines->products($site->id)[$run['product']] ?? throw InvalidInput::because(
            'no_product',
            "{$field}.product",
            'Name a product of the site by its number.',
            $run['product'],
        );
        try {
            $span = ShiftClock::of($record->span(), $site->zone())->stretch($run['from'], $run['to']);
        } catch (InvalidInput $e) {
            throw InvalidInput::because($e->cause(), "{$field}.{$e->field()}", $e->getMessage(), $e->value);
        }

        return new RunTyped(
            $product,
            $span,
            (int) $run['total'],
            $by,
            (int) ($run['rejected'] ?? array_sum($by)),
            (int) ($run['reworked'] ?? 0),
            $field,
            'api',
        );
    }
}
