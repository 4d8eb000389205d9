<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use App\Platform\Clock\Clock;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** Makes a form's "create" happen once, however often it is sent: the form carries a token, the first use decides. */
final readonly class Once
{
    public function __construct(private Clock $clock)
    {
    }

    /**
     * @param  Closure(): string  $create  does the work and returns the address to go to
     * @return string that address, the same for every repetition
     */
    public function run(?string $token, Closure $create): string
    {
        if ($token === null || preg_match('/^[0-9a-f-]{36}$/D', $token) !== 1) {
            return DB::transaction($create);
        }
        try {
            return DB::transaction(function () use ($token, $create): string {
                DB::table('once_tokens')->insert(['token' => $token, 'user_id' => Auth::id(), 'made_at' => $this->clock->now()->format('Y-m-d H:i:s')]);
                $location = $create();
                DB::table('once_tokens')->where('token', $token)->update(['location' => $location]);

                return $location;
            });
        } catch (UniqueConstraintViolationException $e) {
            $location = DB::table('once_tokens')->where('token', $token)->where('user_id', Auth::id())->value('location');
            if ($location === null) {
                throw $e;
            }

            return (string) $location;
        }
    }
}
