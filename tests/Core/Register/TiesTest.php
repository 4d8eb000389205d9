<?php

declare(strict_types=1);

use Sundial\Register\Ties;

it('joins the groups of two assets that are stopped together', function (?int $one, ?int $two, ?array $becomes) {
    $joined = Ties::join($one, $two);
    expect($joined === null ? null : [$joined->kept, $joined->dissolved])->toBe($becomes);
})->with([
    'neither in one: a new group' => [null, null, [null, null]],
    'the first in one: the second comes to it' => [4, null, [4, null]],
    'the second in one: the first goes to it' => [null, 7, [7, null]],
    'both: the second group goes over whole' => [4, 7, [4, 7]],
    'already together' => [4, 4, null],
]);
