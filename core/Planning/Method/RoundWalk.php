<?php

declare(strict_types=1);

namespace Sundial\Planning\Method;

use Sundial\Support\InvalidInput;

/** Which assets a round walks at a visit, and in which order their steps are done. */
final readonly class RoundWalk
{
    /** @param  list<int>  $stations places of the assets that are walked, in order */
    private function __construct(public array $stations)
    {
    }

    /**
     * The assets that are walked at a visit: those of "every visit", and each of "every k-th" when a multiple of k
     * lies above the last visit
     * done, up to this one; so one that was due at a missed visit comes with the next.
     *
     * Every 1, 3, 1: visits 1 and 2 walk the first and the third; visit 3 walks all; if it is missed, visit 4 does.
     *
     * @param  list<int>  $every  for each asset in order: at every so-many-th visit
     * @param  int  $number  the number of the visit
     * @param  int  $lastDone  the number of the last visit done; 0 for none
     *
     * @throws InvalidInput never_walked when no asset is walked at every visit
     */
    public static function at(array $every, int $number, int $lastDone = 0): self
    {
        self::check($every);

        return new self(
            array_keys(array_filter($every, static fn (int $k): bool => self::comes($k, $number, $lastDone))),
        );
    }

    /**
     * Whether an asset that is walked at every so-many-th visit is walked at one.
     *
     * Every third: at visit 3, and at visit 4 where visit 2 was the last one done.
     *
     * @param  int  $every  at every so-many-th visit
     * @param  int  $number  the number of the visit
     * @param  int  $lastDone  the number of the last visit done before it; 0 for none
     */
    public static function comes(int $every, int $number, int $lastDone): bool
    {
        return intdiv($number, $every) > intdiv($lastDone, $every);
    }

    /**
     * The same of a visit to come, where each before it is taken as done.
     *
     * Every third, the last one done the first: at visits 3, 6 and 9, and at visit 4 instead of 3 where the next one
     * is the fourth.
     *
     * @param  int  $every  at every so-many-th visit
     * @param  int  $number  the number of the visit
     * @param  int  $next  the number of the next visit
     * @param  int  $lastDone  the number of the last visit done; 0 for none
     */
    public static function comesAhead(int $every, int $number, int $next, int $lastDone): bool
    {
        return self::comes($every, $number, $number === $next ? $lastDone : $number - 1);
    }

    /**
     * Lets a round pass that has something to do at every visit.
     *
     * @param  list<int>  $every
     *
     * @throws InvalidInput out_of_range, never_walked
     */
    public static function check(array $every): void
    {
        foreach ($every as $k) {
            if ($k < 1 || $k > 99) {
                throw InvalidInput::outside('every', $k, 1, 99);
            }
        }
        if ($every !== [] && ! in_array(1, $every, true)) {
            throw InvalidInput::because(
                'never_walked',
                'every',
                'At least one asset of a round is walked at every visit; otherwise some visits would have nothing '.
                    'to do.',
            );
        }
    }

    /**
     * The order of the steps: one that is done once comes where it stands; steps for each asset that stand together
     * are done asset by asset.
     *
     * Once A, each B, each C, once D over two assets: A, B1, C1, B2, C2, D.
     *
     * @param  list<bool>  $forEach  for each step, whether it is done for each asset
     * @return list<array{int, int|null}> place of the step, place of the asset
     */
    public function walk(array $forEach): array
    {
        $walk = [];
        for ($i = 0; $i < count($forEach); $i++) {
            if (! $forEach[$i]) {
                $walk[] = [$i, null];

                continue;
            }
            for ($end = $i; $end + 1 < count($forEach) && $forEach[$end + 1];) {
                $end++;
            }
            foreach ($this->stations as $station) {
                foreach (range($i, $end) as $step) {
                    $walk[] = [$step, $station];
                }
            }
            $i = $end;
        }

        return $walk;
    }
}
