<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Api\ApiSites;
use App\Platform\Clock\Clock;
use App\Platform\Import\WriteRecord;
use App\Platform\Writing\Typed;
use App\Register\Actions\ChangeByProgram;
use App\Register\Actions\StrikeReading;
use App\Register\Actions\TakeManyReadings;
use App\Register\Actions\TakeReading;
use App\Register\Api\MeterShape;
use App\Register\Imports\MeterImport;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Register\Queries\MeterByName;
use App\Register\Queries\MetersAsked;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Sundial\Import\RowOutcome;
use Sundial\Support\InvalidInput;

/** Meters and their readings, for programs and machines. */
final class ApiMeterController
{
    public const MOST = 500;

    public function __construct(
        private readonly ApiSites $sites,
        private readonly Clock $clock,
        private readonly MetersAsked $meters,
    ) {
    }

    public function index(Request $request): JsonResponse
    {
        $given = $request->validate([
            'site' => ['string'],
            'tag' => ['string', 'max:40'],
            'asset_id' => ['integer'],
            'after' => ['integer'],
            'limit' => ['integer', 'between:1,500'],
        ]);
        $limit = (int) ($given['limit'] ?? 100);
        $sites = $this->sites->listed(Right::SeeOwnLine, $given['site'] ?? null);
        $meters = ($this->meters)($request->user(), $sites, $given, $limit + 1);

        return new JsonResponse([
            'data' => $meters->take($limit)->map(MeterShape::of(...))->values(),
            'next' => $meters->count() > $limit
                    ? '/api/v1/meters?'.http_build_query(['after' => $meters[$limit - 1]->id] + $given)
                    : null,
        ]);
    }

    public function show(Meter $meter): JsonResponse
    {
        return new JsonResponse(MeterShape::of($meter->load('asset:id,tag')));
    }

    public function store(Request $request, Asset $asset, WriteRecord $write, MeterImport $kind): JsonResponse
    {
        $id = $write(
            $request->user()->actor(),
            $kind,
            $asset->site_id,
            ['tag' => $asset->tag] + $this->typed($request),
            RowOutcome::Make,
        );

        return new JsonResponse(MeterShape::of($this->meters->one($id)), 201, [
            'Location' => "/api/v1/meters/{$id}",
        ]);
    }

    public function update(Request $request, Meter $meter, ChangeByProgram $change, MeterImport $kind): JsonResponse
    {
        if (! is_int($request->json('version'))) {
            throw InvalidInput::because(
                'missing',
                'version',
                'Send the version that you read, so that nobody’s change is overwritten.',
            );
        }
        $typed = $this->typed($request);
        $change(
            $request->user()->actor(),
            $meter,
            $request->json('version'),
            $kind,
            static fn (Meter $now): array => [
                'tag' => $now->asset()->firstOrFail()->tag,
                'meter' => $now->name,
            ] + $typed,
        );

        return $this->show($meter->refresh());
    }

    public function readings(Request $request, Meter $meter): JsonResponse
    {
        $given = $request->validate([
            'from' => ['date'],
            'to' => ['date'],
            'after' => ['integer'],
            'limit' => ['integer', 'between:1,500'],
        ]);
        $limit = (int) ($given['limit'] ?? 100);
        $readings = $this->meters->readings($meter, $given, $limit + 1);

        return new JsonResponse([
            'data' => $readings->take($limit)->map(MeterShape::reading(...))->values(),
            'next' => $readings->count() > $limit
                    ? "/api/v1/meters/{$meter->id}/readings?".
                        http_build_query(['after' => $readings[$limit - 1]->id] + $given)
                    : null,
        ]);
    }

    public function read(Request $request, Meter $meter, TakeReading $take): JsonResponse
    {
        [$reading, $said] = $this->take($request, $take, $meter, $request->json()->all());

        return new JsonResponse(MeterShape::reading($reading) + ['what_follows' => $said], 201);
    }

    /**
     * Many readings of many meters, all or none; each names its meter by the asset's tag and, where there are
     * several, its name.
     */
    public function readMany(
        Request $request,
        TakeManyReadings $many,
        TakeReading $take,
        MeterByName $meters,
    ): JsonResponse {
        $lines = $request->json('readings');
        if (! is_array($lines) || ! array_is_list($lines) || $lines === [] || count($lines) > self::MOST) {
            throw InvalidInput::because('count', 'readings', 'Send a list of 1 to '.self::MOST.' readings.');
        }
        $site = $this->sites->named($request->json('site'));
        $taken = $many($lines, function (array $line) use ($request, $take, $meters, $site): Reading {
            $meter = $meters($site->id, Typed::text($line, 'tag'), Typed::text($line, 'meter'));
            Gate::authorize('read', $meter);

            return $this->take($request, $take, $meter, $line)[0];
        });

        return new JsonResponse(['data' => array_map(MeterShape::reading(...), $taken)], 201);
    }

    public function strike(Request $request, Reading $reading, StrikeReading $strike): JsonResponse
    {
        $given = $request->validate(['reason' => ['required', 'string', 'max:250']]);
        $said = $strike($request->user()->actor(), $reading, $given['reason']);

        return new JsonResponse(MeterShape::reading($reading->refresh()) + ['what_follows' => $said]);
    }

    /**
     * @param  array<string, mixed>  $line
     * @return array{Reading, list<string>}
     */
    private function take(Request $request, TakeReading $take, Meter $meter, array $line): array
    {
        $text = static fn (string $key): ?string => isset($line[$key]) ? Typed::text($line, $key) : null;
        $at =
            $text('at') === null
                ? new DateTimeImmutable('@'.$this->clock->now()->getTimestamp())
                : (DateTimeImmutable::createFromFormat(DATE_RFC3339, (string) $text('at')) ?:
                DateTimeImmutable::createFromFormat('Y-m-d\TH:i:s.uP', (string) $text('at')));
        if ($at === false) {
            throw InvalidInput::because(
                'no_moment',
                'at',
                'Write the time with its zone (RFC 3339), such as 2026-03-18T07:30:00+00:00.',
            );
        }
        try {
            return $take(
                $request->user()->actor(),
                $meter,
                $text('reading') ?? '',
                $at->setTimezone(new DateTimeZone('UTC')),
                $text('turn') ?? '',
                $text('old_final'),
                $text('note'),
                'signal',
            );
        } catch (InvalidInput $e) {
            throw InvalidInput::because(
                $e->cause(),
                ['shown' => 'reading', 'turn' => 'reading'][(string) $e->field()] ?? $e->field(),
                $e->getMessage(),
            );
        }
    }

    /** @return array<string, string> */
    private function typed(Request $request): array
    {
        return array_map(
            static fn (mixed $value): string => is_scalar($value)
                ? (string) $value
                : ($value === null
                    ? ''
                    : throw InvalidInput::because(
                        'not_plain',
                        'request',
                        'Each field is a text, a number or null.',
                    )),
            array_diff_key($request->json()->all(), ['version' => 1]),
        );
    }
}
