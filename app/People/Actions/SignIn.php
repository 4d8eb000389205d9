<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Access\SignInTries;
use App\People\Models\User;
use App\Platform\Clock\Clock;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Sundial\Access\AccountName;
use Sundial\Support\InvalidInput;

/** Judges an account name and a password, and writes down what came of it. */
final readonly class SignIn
{
    public function __construct(private SignInTries $tries, private Clock $clock)
    {
    }

    public function __invoke(string $typed, string $password, string $ip, string $device): User
    {
        $account = AccountName::of($typed)->name;
        $wait = $this->tries->count($account, $ip);
        $person = User::query()->where('login', $account)->first();
        if ($wait > 0) {
            $this->note($account, $person, 'locked', $ip, $device);
            throw InvalidInput::because(
                'locked',
                'login',
                "Too many wrong tries for this account. Wait {$wait} seconds, then try again.",
            );
        }
        // The same work is done where there is no such account, so that the time taken tells nothing.
        $isRight = Hash::check($password, $person->password ?? $this->nobodysHash());
        if ($person === null || ! $person->active || ! $isRight) {
            $this->note($account, $person, 'wrong', $ip, $device);
            throw InvalidInput::because(
                'wrong',
                'login',
                'No active account has this name and password. Check both; an administrator can set a new password.',
            );
        }
        $this->tries->forget($account, $ip);
        $this->note($account, $person, 'in', $ip, $device);

        return $person;
    }

    private function nobodysHash(): string
    {
        return Cache::rememberForever('a hash that nobody has', static fn (): string => Hash::make(random_bytes(16)));
    }

    private function note(string $account, ?User $person, string $what, string $ip, string $device): void
    {
        DB::table('sign_ins')->insert([
            'at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            'user_id' => $person?->id,
            'login' => mb_substr($account, 0, 60),
            'what' => $what,
            'ip' => $ip,
            'device' => mb_substr($device, 0, 200),
        ]);
    }
}
