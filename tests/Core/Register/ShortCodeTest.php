<?php

declare(strict_types=1);

use Sundial\Register\ShortCode;
use Sundial\Support\InvalidInput;

it('gives each number a code of its own, and finds the number again', function () {
    $seen = [];
    foreach ([...range(1, 3000), 17210367] as $number) {
        $code = ShortCode::of($number)->code;
        expect(strlen($code))
            ->toBe(6)
            ->and(isset($seen[$code]))
            ->toBeFalse()
            ->and(ShortCode::parse($code)->number)
            ->toBe($number);
        $seen[$code] = true;
    }
    expect(
        ShortCode::parse(
            ' '.strtolower(substr(ShortCode::of(140)->code, 0, 3)).'-'.substr(ShortCode::of(140)->code, 3),
        )->number,
    )->toBe(140);
});

it('notices any one mistyped character', function () {
    foreach ([1, 14, 140, 99999] as $number) {
        $code = ShortCode::of($number)->code;
        for ($i = 0; $i < 6; $i++) {
            foreach (str_split('BCDFGHJKLMNPQRSTVWXZ23456789') as $other) {
                if ($other !== $code[$i]) {
                    expect(fn () => ShortCode::parse(substr_replace($code, $other, $i, 1)))->toThrow(
                        InvalidInput::class,
                    );
                }
            }
        }
    }
});

it(
    'refuses what is no code',
    fn (string $typed) => expect(fn () => ShortCode::parse($typed))->toThrow(InvalidInput::class),
)->with(['', 'BCDFG', 'BCDFGHJ', 'AAAAAA', '000000']);
it(
    'refuses numbers that have none',
    fn (int $number) => expect(fn () => ShortCode::of($number))->toThrow(InvalidInput::class),
)->with([0, -1, 17210368]);
