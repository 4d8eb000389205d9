<?php

declare(strict_types=1);

use App\Platform\Frame\ReturnedForm;
use App\Platform\Frame\TypedControls;
use App\Platform\Middleware\NoteRefused;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Sundial\Register\ShortCode;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

/** A page of some forms, as it is sent after a form of an address was refused. */
function returned(Closure $page, string $path, string $method, array $typed): string
{
    $session = app('session.store');
    $session->put(NoteRefused::KEY, ['path' => $path, 'method' => $method]);
    $session->put('_old_input', $typed);
    $request = Request::create('/page');
    $request->setLaravelSession($session);
    app()->instance('request', $request);

    return ReturnedForm::in($page, $request);
}

it('puts what was typed and ticked into each kind of field', function (string $field, array $typed, string $shown) {
    expect(TypedControls::in("<form>{$field}</form>", $typed))->toBe("<form>{$shown}</form>");
})->with([
    'a text' => ['<input name="a" value="old">', ['a' => 'new'], '<input name="a" value="new">'],
    'a text that had nothing' => ['<input name="a">', ['a' => 'new'], '<input name="a" value="new">'],
    'what was emptied' => ['<input name="a" value="old">', ['a' => null], '<input name="a" value="">'],
    'what was not sent' => ['<input name="a" value="old">', [], '<input name="a" value="old">'],
    'what would break out' => [
        '<input name="a" value="old">', ['a' => '"><b>$1'], '<input name="a" value="&quot;&gt;&lt;b&gt;$1">',
    ],
    'several lines' => [
        '<textarea name="a" rows="2">old</textarea>', ['a' => "<one>\ntwo"],
        "<textarea name=\"a\" rows=\"2\">&lt;one&gt;\ntwo</textarea>",
    ],
    'a choice' => [
        '<select name="a"><option value="1" selected>one</option><option value="2">two</option></select>',
        ['a' => '2'],
        '<select name="a"><option value="1">one</option><option value="2" selected>two</option></select>',
    ],
    'a choice by its words' => [
        '<select name="a"><option selected>hour</option><option>day</option></select>',
        ['a' => 'day'],
        '<select name="a"><option>hour</option><option selected>day</option></select>',
    ],
    'a box that was ticked' => [
        '<input type="checkbox" name="a" value="1">',
        ['a' => '1'],
        '<input type="checkbox" name="a" value="1" checked>',
    ],
    'a box that was not' => [
        '<input type="checkbox" name="a" value="1" checked>',
        ['b' => '1'],
        '<input type="checkbox" name="a" value="1">',
    ],
    'boxes of a list' => [
        '<input type="checkbox" name="a[]" value="1" checked><input type="checkbox" name="a[]" value="2">',
        ['a' => ['2']],
        '<input type="checkbox" name="a[]" value="1"><input type="checkbox" name="a[]" value="2" checked>',
    ],
    'one of several' => [
        '<input type="radio" name="a" value="0" checked><input type="radio" name="a" value="1">',
        ['a' => '1'],
        '<input type="radio" name="a" value="0"><input type="radio" name="a" value="1" checked>',
    ],
    'fields of rows' => [
        '<input name="rows[3][many]" value="1"><input name="rows[4][many]" value="2">',
        ['rows' => [3 => ['many' => '7'], 4 => ['many' => '8']]],
        '<input name="rows[3][many]" value="7"><input name="rows[4][many]" value="8">',
    ],
    'fields of a list, one after the other' => [
        '<input name="tag[]" value=""><input name="tag[]" value="">',
        ['tag' => ['A', 'B']],
        '<input name="tag[]" value="A"><input name="tag[]" value="B">',
    ],
    'what is hidden or secret' => [
        '<input type="hidden" name="version" value="2"><input type="password" name="a">',
        ['version' => '1', 'a' => 'secret'],
        '<input type="hidden" name="version" value="2"><input type="password" name="a">',
    ],
]);

it('says of each field that was refused that it was, once', function () {
    $form = '<form><input name="a" value="1"><input name="rows[2][many]" aria-invalid="true">'.
        '<select name="b"></select><input type="hidden" name="c" value="1"></form>';
    expect(TypedControls::in($form, [], ['a', 'rows.2.many', 'c']))->toBe(
        '<form><input aria-invalid="true" name="a" value="1"><input name="rows[2][many]" aria-invalid="true">'.
            '<select name="b"></select><input type="hidden" name="c" value="1"></form>',
    );
});

it('gives the form that was sent back, unfolds it, and leaves the others as they were', function () {
    Plant::build();
    $form = static fn (int $id, string $name): string => '<details class="act"><summary>'.$id.'</summary>'.
        "<form method=\"post\" action=\"/units/{$id}\"><input type=\"hidden\" name=\"_method\" value=\"put\">".
        '<input name="name" value="'.e(old('name', $name)).'"></form></details>';
    $page = static fn (): string => $form(1, 'one').$form(2, 'two').$form(3, 'three');
    $shown = returned($page, '/units/2', 'put', ['name' => 'zwei']);
    preg_match_all('/name="name" value="(\w+)"/', $shown, $names);
    preg_match_all('/<details[^>]*>/', $shown, $folds);
    expect($names[1])
        ->toBe(['one', 'zwei', 'three'])
        ->and($folds[0])
        ->toBe(['<details class="act">', '<details class="act" open>', '<details class="act">'])
        // Sent in another way, it was another form: what was typed stands wherever the page itself puts it.
        ->and(substr_count(returned($page, '/units/2', 'post', ['name' => 'zwei']), 'zwei'))
        ->toBe(3);
});

it('unfolds all in which the form stands, whatever other forms stand there before it', function () {
    Plant::build();
    $form = static fn (string $to): string => "<form method=\"post\" action=\"/{$to}\"><input name=\"a\" value=\"".
        e(old('a', 'as it was')).'"></form>';
    $page = static fn (): string => '<details class="outer"><summary>x</summary>'.$form('one').$form('two').
        '<details class="shut">'.$form('three').'</details><details class="inner">'.$form('four').'</details>'.
        $form('five').'</details>';
    expect(returned($page, '/four', 'post', ['a' => 'n']))->toBe(
        '<details class="outer" open><summary>x</summary>'.
            '<form method="post" action="/one"><input name="a" value="as it was"></form>'.
            '<form method="post" action="/two"><input name="a" value="as it was"></form>'.
            '<details class="shut"><form method="post" action="/three"><input name="a" value="as it was"></form>'.
            '</details><details class="inner" open>'.
            '<form method="post" action="/four"><input name="a" value="n"></form>'.
            '</details><form method="post" action="/five"><input name="a" value="as it was"></form></details>',
    );
});

it('tells forms of one address apart by what is hidden in them, and else by what they ask for', function () {
    Plant::build();
    $form = static fn (string $inside): string => "<form method=\"post\" action=\"/buy\">{$inside}</form>";
    $page = static fn (): string => $form('<input type="hidden" name="group" value="7"><input name="on">').
        $form('<input type="hidden" name="group" value="8"><input name="on">').
        $form('<input name="on"><input name="part">');
    $of = static fn (array $typed): array => array_map(
        static fn (string $one): bool => str_contains($one, 'value="x"'),
        array_slice(explode('<form', returned($page, '/buy', 'post', $typed)), 1),
    );
    expect([$of(['group' => '8', 'on' => 'x']), $of(['on' => 'x', 'part' => 'p'])])
        ->toBe([[false, true, false], [false, false, true]]);
});

it('gives what was typed back on pages that stand outside the frame', function (
    string $login,
    Closure $at,
    array $typed,
    array $shown,
) {
    [$page, $to] = $at(Plant::build());
    $this->as($login)->from($page)->post($to, $typed)->assertSessionHasErrors();
    $html = (string) $this->get($page)->assertOk()->getContent();
    expect($html)->toContain(...$shown);
})->with([
    'a report' => [
        'operator',
        function (Plant $plant): array {
            DB::table('location_operators')->insert([
                'location_id' => $plant->hall->id, 'user_id' => $plant->person('operator')->id,
            ]);
            $to = '/report/'.ShortCode::of($plant->pump->id)->code;

            return [$to, $to];
        },
        ['what' => '', 'how_soon' => 'at once', 'down' => '1', 'down_since' => '2026-03-18T07:10'],
        ['value="at once" checked>', 'name="down" value="1" checked>', 'value="2026-03-18T07:10"'],
    ],
    'a part that is taken on the floor' => [
        'storekeeper',
        function (Plant $plant): array {
            $part = Shelf::of($plant)->part('BELT', [[5, '1.00']]);

            return array_fill(0, 2, "/floor/parts/{$part->part_id}");
        },
        ['order' => 'W-9999', 'quantity' => '3'],
        ['value="W-9999"', 'value="3"'],
    ],
]);
