<?php

declare(strict_types=1);

use Sundial\Support\TextLines;

it('takes the lines that hold something, whichever way they end', function () {
    expect(TextLines::of("  Torque wrench \r\n\r\nLock\r  \nTag  "))->toBe(['Torque wrench', 'Lock', 'Tag']);
    expect(TextLines::of(" \n\t"))->toBe([]);
});

it('takes words parted by lines, blanks, commas or semicolons', function () {
    expect(TextLines::words("PMP-01, PMP-02;PMP-03\n PMP-04  PMP-05,"))->toBe([
        'PMP-01',
        'PMP-02',
        'PMP-03',
        'PMP-04',
        'PMP-05',
    ]);
});

it('merges texts line by line, each line once', function () {
    expect(TextLines::merged("Lock\nTag", null, "Tag\nTry"))
        ->toBe("Lock\nTag\nTry")
        ->and(TextLines::merged(null, '', " \n"))
        ->toBeNull();
});
