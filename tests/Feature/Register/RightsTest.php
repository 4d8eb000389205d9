<?php

declare(strict_types=1);

use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveField;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\FieldInput;
use App\Register\Models\Reading;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

it('lets operators read the meters of their lines alone', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $readings = fn (): int => Reading::query()->where('meter_id', $meter->id)->count();
    $before = $readings();
    $typed = ['readings' => [$meter->id => '1500']];
    $this->as('operator')->get('/meters/round')->assertDontSee('Running hours');
    $this->as('operator')->post('/meters/round', $typed)->assertForbidden();
    expect($readings())->toBe($before);
    DB::table('location_operators')->insert([
        'location_id' => $plant->hall->id,
        'user_id' => $plant->person('operator')->id,
    ]);
    $this->as('operator')->get('/meters/round')->assertSee('Running hours');
    $this->as('operator')->post('/meters/round', $typed + ['turn' => [$meter->id => 'confirmed']]);
    expect($readings())->toBe($before + 1);
});

it('shows money of the plant’s own fields to those alone who see costs', function (string $address) {
    $plant = Plant::build();
    $by = $plant->person('planner')->actor();
    $field = app(SaveField::class)($by, null, FieldInput::of(['name' => 'Insured value', 'type' => 'money']));
    app(SaveAsset::class)($by, $plant->pump, $plant->site->id, AssetFacts::part(['extra' => [$field->id => '4321']]));
    foreach (['planner', 'technician'] as $who) {
        DB::table('user_settings')->insert([
            'user_id' => $plant->person($who)->id,
            'name' => 'columns of assets',
            'value' => json_encode(['tag', "x{$field->id}"]),
        ]);
    }
    $address = str_replace(['{asset}', '{field}'], [(string) $plant->pump->id, (string) $field->id], $address);
    $page = function (string $who) use ($address): string {
        $answer = $this->as($who)->get($address)->assertOk();

        return str_ends_with($address, '.csv') ? $answer->streamedContent() : (string) $answer->getContent();
    };
    $api = function (string $who) use ($plant, $address): string {
        $token = $plant->person($who)->createToken('t', ['read'])->plainTextToken;
        auth()->forgetGuards();

        return (string) $this->fresh()
            ->getJson($address, ['Authorization' => "Bearer {$token}"])
            ->assertOk()
            ->getContent();
    };
    $read = str_starts_with($address, '/api') ? $api : $page;
    $holds = static fn (string $text): bool => str_contains($text, '4321') || str_contains($text, '4,321') ||
        str_contains($text, "4\u{202f}321");
    expect($holds($read('planner')))->toBeTrue()->and($holds($read('technician')))->toBeFalse();
})->with([
    'the sheet' => ['/assets/{asset}'],
    'the table' => ['/assets/table'],
    'the file' => ['/assets/table.csv'],
    'the log' => ['/log'],
    'the API' => ['/api/v1/assets/{asset}'],
]);
