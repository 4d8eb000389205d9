<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Calendar\ZoneTime;

const DAYS = ['2026-01-15', '2026-03-08', '2026-03-29', '2026-04-05', '2026-10-04', '2026-10-25', '2026-11-01'];

it('says at which instant a clock shows a time, through both changes of the clock', function (string $name) {
    $zone = new DateTimeZone($name);
    $time = ZoneTime::in($zone);
    foreach (DAYS as $iso) {
        foreach (range(0, 23) as $hour) {
            $wanted = sprintf('%s %02d:30', $iso, $hour);
            $said = $time->instant(LocalDate::parse($iso), $hour * 3600 + 1800);
            $shown = (new DateTimeImmutable("@{$said}"))->setTimezone($zone);
            $skips = (new DateTimeImmutable($wanted, $zone))->format('Y-m-d H:i') !== $wanted;
            expect($skips ? $said : $shown->format('Y-m-d H:i'))
                ->toBe($skips ? (new DateTimeImmutable($wanted, $zone))->getTimestamp() : $wanted)
                ->and((string) $time->dateOf($said))
                ->toBe($shown->format('Y-m-d'));
        }
    }
})->with(['Europe/London', 'America/New_York', 'Australia/Lord_Howe', 'UTC', 'Asia/Kathmandu']);

it('takes the first of two where the clock shows a time twice', function () {
    $london = ZoneTime::in(new DateTimeZone('Europe/London'));
    $day = LocalDate::of(2026, 10, 25);
    expect($london->instant($day, 5400))
        ->toBe(gmmktime(0, 30, 0, 10, 25, 2026))
        ->and($london->instant($day, 7200))
        ->toBe(gmmktime(2, 0, 0, 10, 25, 2026));
});
