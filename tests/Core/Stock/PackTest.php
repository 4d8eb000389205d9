<?php

declare(strict_types=1);

use Sundial\Stock\Pack;
use Sundial\Support\InvalidInput;

it('counts in packs what is kept in units, and buys whole ones', function () {
    $box = Pack::of('box', 12000);
    expect($box->times(2500))
        ->toBe(30000)
        ->and($box->count(30000))
        ->toBe(2500)
        ->and($box->roundUp(13000))
        ->toBe(24000)
        ->and($box->roundUp(24000))
        ->toBe(24000)
        ->and($box->roundUp(0))
        ->toBe(0)
        ->and($box->words(24000))
        ->toBe('2 × box of 12')
        ->and($box->words(18000))
        ->toBe('1.5 × box of 12')
        ->and(Pack::of('drum', 200000)->says())
        ->toBe('drum of 200');
});

it('refuses a pack without a name or that holds nothing', function (string $name, int $holds) {
    Pack::of($name, $holds);
})->with([['', 1000], ['box', 0], [' ', 5]])->throws(InvalidInput::class);
