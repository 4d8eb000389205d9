<?php

declare(strict_types=1);

use App\People\Actions\SaveTeam;
use App\Planning\Actions\SaveRound;
use App\Planning\Actions\SaveSchedule;
use App\Planning\Inputs\ScheduleInput;
use App\Platform\Audit\Actor;
use App\Platform\Documents\Attach;
use App\Register\Actions\SaveMeter;
use App\Register\Inputs\MeterInput;
use App\Register\Queries\LabelSheet;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Actions\Release\ReleaseDueVisits;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** What stands at the other site, of which nothing may be named here. */
final class Elsewhere
{
    public int $team;

    public int $person;

    public int $meter;

    public int $gauge;

    public int $place;

    public int $round;

    public int $schedule;

    public int $order;

    public int $document;

    public function __construct(public readonly Plant $plant)
    {
        $by = Actor::sundial();
        $site = $plant->otherSite;
        $this->team = app(SaveTeam::class)($by, null, $site->id, 'Others')->id;
        $this->person = $plant->person('stranger')->id;
        $this->place = (int) DB::table('locations')->where('site_id', $site->id)->value('id');
        $counter = app(SaveMeter::class)(
            $by,
            null,
            $plant->foreign,
            MeterInput::of(['name' => 'Hours', 'unit' => 'h']),
        );
        $plant->read($counter, 100, '2026-03-17');
        $this->meter = $counter->id;
        $this->gauge = app(SaveMeter::class)($by, null, $plant->foreign, MeterInput::of([
            'name' => 'Heat',
            'unit' => '°C',
            'kind' => 'gauge',
        ]))->id;
        $this->round = app(SaveRound::class)($by, null, $site->id, 'Their round')->id;
        $this->schedule = app(SaveSchedule::class)(
            $by,
            null,
            $plant->foreign,
            ScheduleInput::of($plant->fields(['team_id' => $this->team])),
        )->id;
        app(ReleaseDueVisits::class)($by, $site);
        $this->order = WorkOrder::query()->where('site_id', $site->id)->sole()->id;
        $this->document = app(Attach::class)(
            $by,
            $plant->foreign->subject(),
            tap((string) tempnam(sys_get_temp_dir(), 't'), fn (string $path) => file_put_contents($path, 'theirs')),
            'their.txt',
        )[0]->id;
    }
}

/**
 * Every field of a body or an address that names a record by its id: method, address, the field, whose id of the
 * other site, and what else the form holds. {…} stands for a record of ours.
 */
const REFERENCES = [
    'team of an asset' => ['PUT', '/assets/{asset}', 'team_id', 'team', 'asset'],
    'place of an asset' => ['PUT', '/assets/{asset}', 'stands', 'placeTag', 'asset'],
    'asset that it stands in' => ['PUT', '/assets/{asset}', 'stands', 'assetTag', 'asset'],
    'team in the table' => ['POST', '/assets/table/change', 'value', 'team', 'table'],
    'assets in the table' => ['POST', '/assets/table/change', 'assets[]', 'asset', 'table'],
    'operators of a place' => ['PUT', '/places/{place}', 'operators[]', 'person', 'place'],
    'place of a place' => ['PUT', '/places/{place}', 'stands', 'placeTag', 'place'],
    'team of a schedule' => ['POST', '/assets/{asset}/schedules', 'team_id', 'team', 'schedule'],
    'round of a schedule' => ['POST', '/assets/{asset}/schedules', 'round_id', 'round', 'schedule'],
    'meter of a schedule' => ['POST', '/assets/{asset}/schedules', 'meter_id', 'meter', 'usage'],
    'gauge of a schedule' => ['POST', '/assets/{asset}/schedules', 'gauge_id', 'gauge', 'condition'],
    'assets beside it' => ['POST', '/assets/{asset}/schedules', 'also[]', 'asset', 'schedule'],
    'meter in its preview' => ['POST', '/assets/{asset}/schedules/preview', 'meter_id', 'meter', 'usage'],
    'gauge in its preview' => ['POST', '/assets/{asset}/schedules/preview', 'gauge_id', 'gauge', 'condition'],
    'team of a schedule changed' => ['PUT', '/schedules/{schedule}', 'team_id', 'team', 'schedule'],
    'meter of a schedule changed' => ['PUT', '/schedules/{schedule}', 'meter_id', 'meter', 'usage'],
    'asset of a round' => ['PUT', '/rounds/{round}/stations', 'asset_id', 'asset', 'station'],
    'team of an order' => ['PUT', '/orders/{order}/assignment', 'team_id', 'team', 'none'],
    'person of an order' => ['PUT', '/orders/{order}/assignment', 'assignee_id', 'person', 'none'],
    'person of a booking' => ['POST', '/orders/{order}/bookings', 'user_id', 'person', 'booking'],
    'meter of an answer' => ['POST', '/orders/{order}/steps/1', 'meter_id', 'meter', 'answer'],
    'schedules taken along' => ['POST', '/orders/{order}/along', 'schedules[]', 'schedule', 'none'],
    'schedules done together' => ['POST', '/assets/{asset}/together', 'schedules[]', 'schedule', 'none'],
    'schedules released' => ['POST', '/release', 'schedules[]', 'schedule', 'none'],
    'place released' => ['POST', '/release', 'place', 'place', 'none'],
    'asset merged' => ['POST', '/assets/{asset}/merge', 'other_id', 'asset', 'none'],
    'asset tied to it' => ['POST', '/assets/{asset}/tied', 'with', 'assetTag', 'none'],
    'asset moved in the tree' => ['POST', '/tree/move', 'what', 'assetNode', 'move'],
    'place moved into' => ['POST', '/tree/move', 'into', 'placeNode', 'moveInto'],
    'labels' => ['POST', '/labels', 'assets[]', 'asset', 'labels'],
    'document of an expiry date' => ['POST', '/expiry/on/asset/{asset}', 'document_id', 'document', 'expiry'],
    'site gone to' => ['POST', '/me/site', 'site', 'site', 'none'],
    'team of a calendar' => ['POST', '/me/calendars', 'team_id', 'team', 'calendar'],
    'release by a program' => ['POST', '/api/v1/schedules/{theirSchedule}/release', 'none', 'schedule', 'none'],
    'meters of a program' => ['POST', '/api/v1/readings', 'readings[]', 'reading', 'none'],
];

/** @return array<string, mixed> what the form holds besides */
function besides(string $kind, Plant $plant): array
{
    return match ($kind) {
        'asset' => ['tag' => 'NEW-1', 'name' => 'New', 'class_id' => $plant->pump->class_id] +
            ['stands' => 'HALL', 'criticality' => 'A', 'life_state' => 'in service'],
        'table' => ['field' => 'team_id', 'assets' => [$plant->pump->id], 'value' => (string) $plant->teamId],
        'place' => ['tag' => 'HALL', 'name' => 'Hall', 'version' => 1],
        'schedule' => $plant->fields(),
        'usage' => ['rule' => 'usage', 'usage_every' => '100', 'anchor_on' => ''] + $plant->fields(),
        'condition' => [
            'rule' => 'condition',
            'condition_beyond' => 'high',
            'condition_limit' => '10',
            'anchor_on' => '',
        ] + $plant->fields(),
        'station' => ['every' => 2],
        'labels' => ['size' => (string) array_key_first(LabelSheet::SIZES)],
        'booking' => ['worked_on' => '2026-03-18', 'time' => '1:00'],
        'answer' => ['value' => '120'],
        'move' => ['into' => "location-{$plant->hall->id}"],
        'moveInto' => ['what' => "asset-{$plant->pump->id}"],
        'expiry' => ['what' => 'Certificate', 'until' => '2027-01-01'],
        'calendar' => ['of' => 'team', 'what' => 'team'],
        default => [],
    };
}

it('takes no record of another site in any field', function (
    string $method,
    string $address,
    string $field,
    string $whose,
    string $form,
) {
    $plant = Plant::build();
    $schedule = $plant->schedule();
    $theirs = new Elsewhere($plant);
    $order = app(StartWorkOrder::class)(Actor::sundial(), $plant->release());
    $round = app(SaveRound::class)(Actor::sundial(), null, $plant->site->id, 'Our round');
    $address = strtr($address, [
        '{asset}' => $plant->pump->id,
        '{place}' => $plant->hall->id,
        '{schedule}' => $schedule->id,
        '{round}' => $round->id,
        '{order}' => $order->id,
        '{theirSchedule}' => $theirs->schedule,
    ]);
    $value = match ($whose) {
        'asset' => $plant->foreign->id,
        'assetTag' => $plant->foreign->tag,
        'assetNode' => "asset-{$plant->foreign->id}",
        'placeNode' => "location-{$theirs->place}",
        'placeTag' => 'YARD',
        'site' => $plant->otherSite->id,
        'reading' => ['meter_id' => $theirs->meter, 'value' => '120', 'at' => '2026-03-18T07:00:00Z'],
        default => $theirs->{$whose},
    };
    $value = is_int($value) ? (string) $value : $value;
    DB::table('order_steps')->where('order_id', $order->id)->update(['answer' => 'reading']);
    $version = match (true) {
        $method !== 'PUT' => [],
        str_starts_with($address, '/assets') => ['version' => $plant->pump->version],
        str_starts_with($address, '/orders') => ['version' => $order->version],
        default => ['version' => 1],
    };
    $named = str_replace('[]', '', $field);
    $form = [$named => str_ends_with($field, '[]') ? [$value] : $value] + $version + besides($form, $plant);
    $stands = fn (): array => [
        DB::table('audit_entries')->count(),
        DB::table('readings')->count(),
        DB::table('work_orders')->count(),
        DB::table('visits')->where('schedule_id', $theirs->schedule)->count(),
        DB::table('calendar_feeds')->count(),
        DB::table('assets')->where('id', $plant->foreign->id)->first(),
    ];
    $token = $plant->person('planner')->createToken('t', ['read', 'write'])->plainTextToken;
    $headers = str_starts_with($address, '/api/')
        ? ['HTTP_AUTHORIZATION' => 'Bearer '.$token]
        : [];
    $before = $stands();
    $answer = $this->as('planner')->from('/today')->call($method, $address, $form, server: $headers);
    $refused =
        in_array($answer->getStatusCode(), [403, 404, 422], true) ||
        array_filter(
            array_keys(session('errors')?->getBag('default')->messages() ?? []),
            fn (string $at): bool => $at === 'form' || str_starts_with($at, $named),
        ) !== [] ||
        // A preview says it in the page.
        str_contains((string) $answer->getContent(), 'of this site');
    expect($stands())
        ->toEqual($before)
        ->and($refused)
        ->toBeTrue((string) json_encode(session('errors')?->getBag('default')->messages()))
        ->and((string) $answer->getContent())
        ->not->toContain('Elsewhere');
})->with(REFERENCES);

it('shows nothing of another site by a filter in the address', function (string $address) {
    $plant = Plant::build();
    $theirs = new Elsewhere($plant);
    $answer = $this->as('planner')->get(
        strtr($address, [
            '{place}' => $theirs->place,
            '{team}' => $theirs->team,
            '{asset}' => $plant->foreign->id,
            '{meter}' => $theirs->meter,
            '{person}' => $theirs->person,
        ]),
    );
    expect($answer->getStatusCode())
        ->toBeLessThan(500)
        ->and((string) $answer->getContent())
        ->not->toContain('Elsewhere')
        ->not->toContain('X-1')
        ->not->toContain('Others');
})->with([
    '/assets?place={place}',
    '/assets/table?place={place}',
    '/assets/table?team={team}',
    '/assets/table.csv?place={place}',
    '/schedules?place={place}',
    '/orders?team={team}',
    '/outlook?place={place}',
    '/outlook?team={team}',
    '/outlook?asset={asset}',
    '/calendar?team={team}',
    '/meters/round?place={place}',
    '/log?asset={asset}',
    '/log?about=asset-{asset}',
    '/labels?place={place}',
    '/release?place={place}',
    '/assets/new?stands={place}',
]);
