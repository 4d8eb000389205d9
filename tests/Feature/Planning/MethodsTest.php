<?php

declare(strict_types=1);

use App\Planning\Actions\SaveMethod;
use App\Planning\Inputs\MethodInput;
use App\Planning\Models\Method;
use App\Planning\Models\MethodRevision;
use App\Platform\Audit\Actor;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** What the form of a method sends: an inspection that asks for answers. */
function inspectionForm(array $with = []): array
{
    $step = fn (string $text, string $answer = 'tick', array $more = []): array => $more + [
        'text' => $text,
        'minutes' => '5',
        'level' => '1',
        'answer' => $answer,
    ];

    return $with + [
        'code' => 'M-7',
        'name' => 'Pump inspection',
        'order_type' => 'inspection',
        'priority' => 'routine',
        'once' => 'b',
        'as' => 'in force',
        'tools' => "Torque wrench\n\nMirror",
        'precautions' => "Permit for hot work\nPump locked off",
        'steps' => [
            $step('Look for leaks', 'check'),
            $step('Pressure', 'number', ['unit' => 'bar', 'low' => '2', 'high' => '4,5']),
            $step('Hours', 'reading', ['unit' => 'h']),
            $step('Coupling', 'choice', ['choices' => 'sound, worn, cracked!']),
            $step('Remark', 'text'),
            $step('The name plate', 'photo'),
            $step('Signed', 'signature'),
        ],
        'labour' => [],
    ];
}

/** Its order, made and started. */
function inspectionOrder(Plant $plant): WorkOrder
{
    test()->as('planner')->post('/methods', inspectionForm())->assertSessionHasNoErrors();
    $plant->schedule([
        'method_id' => Method::query()->where('code', 'M-7')->value('id'),
        'name' => 'Pump inspection',
    ]);
    $order = $plant->release();
    test()
        ->as('technician')
        ->post("/orders/{$order->id}/start", ['confirmed' => [1, 2]])
        ->assertSessionHasNoErrors();

    return $order->refresh();
}

it('starts work only when each precaution is confirmed, and names the missing ones', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/methods', inspectionForm());
    $plant->schedule(['method_id' => Method::query()->where('code', 'M-7')->value('id')]);
    $order = $plant->release();
    $this->as('technician')
        ->get("/orders/{$order->id}")
        ->assertSee('Torque wrench, Mirror')
        ->assertSee('Permit for hot work')
        ->assertSee('Confirm and start');
    $this->from("/orders/{$order->id}")
        ->post("/orders/{$order->id}/start", ['confirmed' => [1]])
        ->assertSessionHasErrors(['confirmed' => 'Confirm before the work starts: Pump locked off.']);
    expect($order->refresh()->state->value)->toBe('approved');
    $this->post("/orders/{$order->id}/start", ['confirmed' => [1, 2]])->assertSessionHasNoErrors();
    expect($order->refresh()->state->value)->toBe('under way');
    $this->get("/orders/{$order->id}")->assertSee('confirmed by Technician One');
});

it('keeps each kind of answer, and judges it', function () {
    $plant = Plant::build();
    $meter = $plant->meter(2);
    $order = inspectionOrder($plant);
    $to = "/orders/{$order->id}/steps";
    $picture = UploadedFile::fake()->image('plate.jpg', 60, 40);
    $ink = UploadedFile::fake()->image('s.png', 50, 20);
    $drawn = 'data:image/png;base64,'.base64_encode((string) file_get_contents($ink->getPathname()));
    foreach (
        [
            1 => ['value' => 'watch'],
            2 => ['value' => '1,5'],
            3 => ['value' => '1090'],
            4 => ['value' => 'worn'],
            5 => ['value' => 'Dusty'],
            6 => ['file' => $picture],
            7 => ['drawn' => $drawn],
        ] as $position => $given
    ) {
        $this->post("{$to}/{$position}", $given)->assertSessionHasNoErrors();
    }
    expect(
        OrderStep::query()
            ->where('order_id', $order->id)
            ->orderBy('position')
            ->get()
            ->map(fn (OrderStep $step): string => "{$step->value} {$step->verdict?->value}")
            ->all(),
    )->toBe([
        'watch watch',
        '1.5 faulty',
        '1090 ',
        'worn sound',
        'Dusty ',
        'plate.jpg ',
        'signature of Technician One.png ',
    ]);
});

it('takes a reading where a step asks for one, and questions it like any other', function () {
    $plant = Plant::build();
    $meter = $plant->meter(4);
    $order = inspectionOrder($plant);
    $this->from("/orders/{$order->id}")
        ->post("/orders/{$order->id}/steps/3", ['step_at' => 3, 'value' => '90000'])
        ->assertSessionHasErrors('turn');
    $this->get("/orders/{$order->id}")
        ->assertSee('is it mistyped?')
        ->assertSee('value="90000"', false);
    $this->post("/orders/{$order->id}/steps/3", ['value' => '1260'])->assertSessionHasNoErrors();
    expect((int) $meter->refresh()->last_shown)
        ->toBe(1260)
        ->and(DB::table('readings')->where('meter_id', $meter->id)->orderByDesc('id')->value('source'))
        ->toBe("order {$order->label()}");
    $this->post("/orders/{$order->id}/steps/3", ['value' => '1261'])->assertSessionHasErrors('step');
    $this->post("/orders/{$order->id}/steps/3", ['done' => 0])->assertSessionHasErrors('step');
});

it('ticks no step that asks for an answer, and forgets the answer with the tick', function () {
    $order = inspectionOrder(Plant::build());
    $this->post("/orders/{$order->id}/steps/1", ['done' => 1])->assertSessionHasErrors([
        'step' => 'Step 1 asks for sound, watch or faulty. Answer it to tick it off.',
    ]);
    $this->post("/orders/{$order->id}/steps/1", ['value' => 'faulty'])->assertSessionHasNoErrors();
    $this->post("/orders/{$order->id}/steps/1", ['done' => 0]);
    expect(
        OrderStep::query()
            ->where('order_id', $order->id)
            ->where('position', 1)
            ->sole()
            ->only(['value', 'verdict', 'ticked_at']),
    )->toBe(['value' => null, 'verdict' => null, 'ticked_at' => null]);
    $this->post("/orders/{$order->id}/steps/4", ['value' => 'bent'])->assertSessionHasErrors([
        'value' => '“bent” is not among the choices. Choose one of: sound, worn, cracked.',
    ]);
    $this->post("/orders/{$order->id}/steps/6", [])->assertSessionHasErrors('file');
});

it('works by what is in force until a draft is put in force, and says who did and why', function () {
    $plant = Plant::build();
    $method = $plant->method;
    $form = [
        'code' => 'M-1',
        'name' => 'Seal check',
        'order_type' => 'preventive',
        'priority' => 'soon',
        'version' => $method->version,
        'as' => 'draft',
        'steps' => [['text' => 'Look', 'minutes' => '10'], ['text' => 'Listen', 'minutes' => '5']],
        'labour' => [],
    ];
    $this->as('planner')
        ->put("/methods/{$method->id}", $form)
        ->assertSessionHasNoErrors();
    $this->get("/methods/{$method->id}")
        ->assertSee('Revision 2 is a draft; orders follow revision 1')
        ->assertSee('Grease');
    $plant->schedule();
    expect($plant->release()->steps()->pluck('text')->all())->toBe(['Look', 'Grease']);
    // Written again, the draft keeps no trace of its first words.
    $this->put(
        "/methods/{$method->id}",
        [
            'version' => $method->refresh()->version,
            'steps' => [['text' => 'Look', 'minutes' => '10'], ['text' => 'Feel', 'minutes' => '5']],
        ] + $form,
    )->assertSessionHasNoErrors();
    $revisions = MethodRevision::query()->where('method_id', $method->id)->orderBy('number');
    expect($revisions->toBase()->pluck('state')->all())->toBe(['in force', 'draft']);
    $this->post("/methods/{$method->id}/in-force", ['why' => ''])->assertSessionHasErrors('why');
    $this->post("/methods/{$method->id}/in-force", [
        'why' => 'Greasing harms the new seals',
    ])->assertSessionHasNoErrors();
    $this->get("/methods/{$method->id}")
        ->assertSee('Greasing harms the new seals')
        ->assertSee('Planner One')
        ->assertDontSee('is a draft');
    $this->get("/methods/{$method->id}/compare?old=1&new=2")->assertSeeInOrder([
        'Look',
        'changed',
        'Grease',
        'Feel',
        'Priority',
        'routine',
        'soon',
    ]);
    $this->post("/methods/{$method->id}/in-force", ['why' => 'again'])->assertSessionHasErrors('form');
});

it('throws a draft away, but not the only words of a method', function () {
    $plant = Plant::build();
    $form = [
        'order_type' => 'preventive',
        'priority' => 'routine',
        'steps' => [['text' => 'Other']],
        'labour' => [],
    ];
    app(SaveMethod::class)(
        Actor::sundial(),
        $plant->method,
        MethodInput::of(['code' => 'M-1', 'name' => 'Seal check'] + $form),
        null,
        true,
    );
    $this->as('planner')
        ->delete("/methods/{$plant->method->id}/draft")
        ->assertSessionHasNoErrors();
    expect($plant->method->draft()->exists())->toBeFalse();
    $only = app(SaveMethod::class)(
        Actor::sundial(),
        null,
        MethodInput::of(['code' => 'M-2', 'name' => 'New'] + $form),
        null,
        true,
    );
    $this->delete("/methods/{$only->id}/draft")->assertSessionHasErrors('form');
    // Nothing is released by a method that is not in force, and the release says so.
    $plant->schedule(['method_id' => $only->id, 'name' => 'By a draft']);
    expect($plant->release())->toBeNull();
    $this->get('/release')->assertSee('method not in force');
});

it('moves an open order up, and keeps the state of steps that stay the same', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $this->as('technician')->post("/orders/{$order->id}/steps/1", ['done' => 1]);
    $labour = [['trade_id' => (int) DB::table('trades')->value('id'), 'people' => 2, 'minutes' => 30]];
    app(SaveMethod::class)(Actor::sundial(), $plant->method, MethodInput::of([
        'code' => 'M-1',
        'name' => 'Seal check',
        'order_type' => 'preventive',
        'priority' => 'routine',
        'precautions' => 'Lock off',
        'steps' => [
            ['text' => 'Open the guard', 'minutes' => 2],
            ['text' => 'Look', 'minutes' => 10],
            ['text' => 'Grease', 'minutes' => 25, 'safety' => 'Lock off'],
        ],
        'labour' => $labour,
    ]));
    $this->as('planner')
        ->get("/orders/{$order->id}")
        ->assertSee('A newer revision of Seal check is in force');
    $this->post("/orders/{$order->id}/revision")->assertSessionHasNoErrors();
    $order->refresh();
    expect(
        $order
            ->steps()
            ->get()
            ->map(
                fn (OrderStep $step): string => "{$step->position} {$step->text} ".
                    ($step->ticked_at === null ? 'open' : 'ticked'),
            )
            ->all(),
    )
        ->toBe(['1 Open the guard open', '2 Look ticked', '3 Grease open'])
        ->and($order->planned_minutes)
        ->toBe(60)
        ->and($order->labour()->value('people'))
        ->toBe(2)
        ->and($order->revision?->number)
        ->toBe(2)
        ->and($order->precautions()->value('text'))
        ->toBe('Lock off');
    $this->get("/orders/{$order->id}")->assertDontSee('A newer revision');
});

it('makes a draft of an order’s plan, and a copy of a method', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $this->as('planner')
        ->post("/orders/{$order->id}/method")
        ->assertRedirect();
    $made = Method::query()->orderByDesc('id')->firstOrFail();
    expect($made->inForce()->exists())
        ->toBeFalse()
        ->and($made->draft?->steps->pluck('text')->all())
        ->toBe(['Look', 'Grease'])
        ->and($made->draft?->labour->first()?->minutes)
        ->toBe(45);
    $this->get("/methods/new?from={$plant->method->id}")
        ->assertOk()
        ->assertSee('A copy of M-1')
        ->assertSee('value="Grease"', false);
    $this->as('technician')
        ->post("/orders/{$order->id}/method")
        ->assertForbidden();
});

it('gives a method out as JSON and its steps as CSV, and reads them back the same', function () {
    $plant = Plant::build();
    $this->as('planner')
        ->post(
            '/methods',
            inspectionForm([
                'steps' => [...inspectionForm()['steps'], ['text' => '=2+3', 'minutes' => '1', 'each_asset' => '1']],
            ]),
        )
        ->assertSessionHasNoErrors();
    $method = Method::query()->where('code', 'M-7')->sole();
    $json = $this->get("/methods/{$method->id}.json")
        ->assertOk()
        ->getContent();
    $this->post('/methods/import', [
        'file' => UploadedFile::fake()->createWithContent('m.json', $json),
    ])->assertSessionHas('said', 'Pump inspection says the same as the file; nothing changed.');
    $csv = $this->get("/methods/{$method->id}/steps.csv")->streamedContent();
    $this->post("/methods/{$method->id}/steps", [
        'file' => UploadedFile::fake()->createWithContent('s.csv', $csv),
    ])->assertSessionHas('said', 'Pump inspection says the same as the file; nothing changed.');
    $other = json_decode($json, true);
    $other['code'] = 'M-8';
    $other['steps'][0]['text'] = 'Look again';
    $this->post('/methods/import', [
        'file' => UploadedFile::fake()->createWithContent('m.json', json_encode($other)),
    ])->assertSessionHasNoErrors();
    expect(Method::query()->where('code', 'M-8')->sole()->draft?->steps->first()?->text)->toBe('Look again');
    $other['labour'] = [['trade' => 'wizard', 'people' => 1, 'minutes' => 5]];
    $this->post('/methods/import', [
        'file' => UploadedFile::fake()->createWithContent('m.json', json_encode($other)),
    ])->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain('names no trade that is known');
    $this->post('/methods/import', [
        'file' => UploadedFile::fake()->createWithContent('m.json', '[1]'),
    ])->assertSessionHasErrors('file');
    $this->get('/methods/'.$method->id.'/preview')
        ->assertOk()
        ->assertSee('2 to 4.5 bar')
        ->assertSee('Permit for hot work');
});

it('finds methods by what a step says, and puts first what suits an asset', function () {
    $plant = Plant::build();
    app(SaveMethod::class)(Actor::sundial(), null, MethodInput::of([
        'code' => 'A-1',
        'name' => 'Any clean',
        'order_type' => 'preventive',
        'priority' => 'routine',
        'steps' => [['text' => 'Wipe the brass']],
        'labour' => [],
    ]));
    $plant->method->update(['class_id' => $plant->pump->class_id]);
    $this->as('planner')->get('/methods?q=brass')->assertSee('Any clean')->assertDontSee('Seal check</b>', false);
    $this->get('/methods?asset=PMP-01')->assertSeeInOrder(['Seal check', 'suits PMP-01', 'Any clean']);
    $this->get('/methods?usage=used')->assertSee('The filter hides 2');
    $plant->schedule();
    $this->get('/methods?usage=used')->assertSee('Seal check</b>', false)->assertDontSee('Any clean');
});
