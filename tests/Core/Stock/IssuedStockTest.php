<?php

declare(strict_types=1);

use Sundial\Stock\IssuedStock;
use Sundial\Support\InvalidInput;

use function Tests\Core\tries;

it('gives back the share of the value, and with the last of it the rest', function () {
    // Three for 10.00: a third is 3.33, and the last one brings the cent.
    $issued = IssuedStock::of(3000, 1000);
    [$first, $issued] = $issued->giveBack(1000);
    [$second, $issued] = $issued->giveBack(1000);
    [$third, $issued] = $issued->giveBack(1000);
    expect([$first, $second, $third])->toBe([333, 333, 334])->and([$issued->left, $issued->centsLeft])->toBe([0, 0]);
});

it('never gives back more than was issued, in quantity or in value', function () {
    mt_srand(20261130);
    for ($i = tries(5000); $i > 0; $i--) {
        [$quantity, $cents] = [mt_rand(1, 9000), mt_rand(0, 5000)];
        $issued = IssuedStock::of($quantity, $cents);
        $back = 0;
        while ($issued->left > 0) {
            [$worth, $issued] = $issued->giveBack(mt_rand(1, $issued->left));
            $back += $worth;
            expect($worth)->toBeGreaterThanOrEqual(0)->and($issued->centsLeft)->toBe($cents - $back);
        }
        expect($back)->toBe($cents);
    }
});

it('refuses what was never taken', function () {
    [, $issued] = IssuedStock::of(2000, 500)->giveBack(1500);
    expect(fn () => $issued->giveBack(501))->toThrow(InvalidInput::class, 'More comes back than is still out');
});

it('says what one of it cost, to four places', function () {
    expect(IssuedStock::of(3000, 1000)->unitPrice()?->plain())->toBe('3.3333');
});
