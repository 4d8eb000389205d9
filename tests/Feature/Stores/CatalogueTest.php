<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Stores\Actions\SetFit;
use App\Stores\Models\Fit;
use App\Stores\Models\Part;
use Illuminate\Http\UploadedFile;
use Tests\Feature\Plant;

const BEARING = ['number' => 'BRG-6205', 'name' => 'Ball bearing 6205', 'unit' => 'pc', 'price' => '18,4'];

it('keeps a part with its price to four places, and finds it by number', function () {
    Plant::build();
    $this->as('storekeeper')->post('/parts', BEARING)->assertSessionHasNoErrors();
    $part = Part::query()->sole();
    expect([$part->price, $part->currency])->toBe(['18.4000', 'EUR']);
    $this->get('/parts?q=6205')->assertSee('Ball bearing 6205');
    $this->get("/parts/{$part->id}")->assertSee('18.40 EUR');
    $this->put("/parts/{$part->id}", ['version' => $part->version, 'price' => '6.3333', 'in_use' => '1'] + BEARING);
    expect($part->refresh()->price)->toBe('6.3333');
});

it('refuses a number that is taken and a price that is none, and keeps what was typed', function () {
    Plant::build();
    $this->as('planner')->post('/parts', BEARING);
    $this->post('/parts', BEARING)->assertSessionHasErrors('number')->assertSessionHasInput('name');
    $this->post('/parts', ['number' => 'X-1', 'price' => 'cheap'] + BEARING)->assertSessionHasErrors('price');
    $this->post('/parts', ['number' => 'X-1', 'price' => '-1'] + BEARING)->assertSessionHasErrors('price');
    expect(Part::query()->count())->toBe(1);
});

it('shows prices to those alone who may see them, in page, file, log and API', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/parts', BEARING);
    $part = Part::query()->sole();
    $this->put("/parts/{$part->id}", ['version' => $part->version, 'price' => '20', 'in_use' => '1'] + BEARING);
    $said = function (string $login, string $page) use ($plant): string {
        $token = $plant->person($login)->createToken('t', ['read'])->plainTextToken;
        auth()->forgetGuards();
        $answer = str_starts_with($page, '/api')
            ? $this->fresh()->getJson($page, ['Authorization' => "Bearer {$token}"])
            : $this->as($login)->get($page);

        return (string) ($answer->getContent() ?: $answer->streamedContent());
    };
    foreach (["/parts/{$part->id}", '/parts.csv', '/api/v1/parts'] as $page) {
        expect($said('storekeeper', $page))
            ->toContain('20.00')
            ->and($said('technician', $page))
            ->toContain('BRG-6205')
            ->not->toContain('20.00')
            ->not->toContain('18.40');
    }
});

it('adds to the catalogue what a spare-parts list names first, and shares it from then on', function () {
    $plant = Plant::build();
    $set = app(SetFit::class);
    $set(Actor::sundial(), $plant->pump, 'SEAL-40', 'Mechanical seal', '1');
    $set(Actor::sundial(), $plant->motor, 'SEAL-40', null, '2');
    expect(Part::query()->count())->toBe(1)->and(Fit::query()->count())->toBe(2);
    expect(fn () => $set(Actor::sundial(), $plant->pump, 'NEW-1', null, '1'))->toThrow('Say what it is');
    $this->as('planner')->get('/parts/'.Part::query()->sole()->id)->assertSeeInOrder(['PMP-01', 'PMP-01-M']);
});

it('takes the catalogue from a file, refuses what is wrong by row, and takes it back', function () {
    Plant::build();
    $bring = fn (string $csv): string => (string) $this->as('storekeeper')
        ->post('/import/catalogue', ['file' => UploadedFile::fake()->createWithContent('parts.csv', $csv)])
        ->headers->get('Location');
    $load = function (string $check): void {
        preg_match('/name="work" value="(\d+)"/', (string) $this->get($check)->content(), $work);
        $this->post($check, ['work' => $work[1]]);
    };
    $this->get($bring("number,name,price,currency\nA-1,Belt,12.5,\nA-2,,3,EUR\nA-3,Nut,x,EUR\n"))->assertSeeInOrder([
        'A price needs a currency',
        'needs a name',
        'price',
    ]);
    expect(Part::query()->count())->toBe(0);
    $check = $bring("number,name,price,currency\nA-1,Belt,12.5,EUR\nA-2,Nut,0.0375,EUR\n");
    $load($check);
    expect(Part::query()->orderBy('number')->pluck('price')->all())->toBe(['12.5000', '0.0375']);
    $this->delete($check);
    expect(Part::query()->count())->toBe(0);
});
