<?php

declare(strict_types=1);

use Sundial\Costing\TaxOfPlace;

it('takes the tax of the nearest place above, or of the site', function (string $path, array $found) {
    expect(TaxOfPlace::nearest($path, [1 => 190000, 7 => 70000], 200000))->toBe($found);
})->with([
    ['/L1/L7/A7/A1/', [70000, 7]],
    ['/L1/L8/A7/', [190000, 1]],
    ['/L2/A1/', [200000, null]],
    ['', [200000, null]],
]);

it('is nothing where nothing is set', function () {
    expect(TaxOfPlace::nearest('/L1/', [], null))->toBe([0, null]);
});
