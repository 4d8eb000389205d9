<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use App\Platform\Clock\Clock;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/**
 * Does what a form asks for once, however often it is sent: the first use of its token decides, in the transaction of
 * what is done, and every repetition gets the first one's answer.
 */
final readonly class FirstAnswer
{
    /** Days after which nobody sends the same form again. */
    private const DAYS = 30;

    public function __construct(private Clock $clock, private Request $request)
    {
    }

    public function forgetOld(): void
    {
        $before = $this->clock->now()->modify('-'.self::DAYS.' days');
        DB::table('once_tokens')->where('made_at', '<', $before->format('Y-m-d H:i:s'))->delete();
    }

    /**
     * @param  Closure(): array{string, string|null}  $do  does the work; the address to go to, and what was done
     */
    public function redirect(Closure $do): RedirectResponse
    {
        $token = FormToken::of($this->request);
        [$location, $said] = $token === null ? DB::transaction($do) : $this->once($token, $do);

        return redirect()->to($location)->with('said', $said);
    }

    /** @return array{string, string|null}|null what the form of this token was answered, if it was */
    public function given(string $token): ?array
    {
        $first = DB::table('once_tokens')->where('token', $token)->first(['location', 'said']);

        return $first?->location === null ? null : [(string) $first->location, $first->said];
    }

    /** Keeps the answer to a form that was done without asking here. */
    public function keep(string $token, string $location, ?string $said): void
    {
        DB::table('once_tokens')->insertOrIgnore([...$this->row($token), 'location' => $location, 'said' => $said]);
    }

    /**
     * @param  Closure(): array{string, string|null}  $do
     * @return array{string, string|null}
     */
    private function once(string $token, Closure $do): array
    {
        try {
            return DB::transaction(function () use ($token, $do): array {
                DB::table('once_tokens')->insert($this->row($token));
                [$location, $said] = $do();
                DB::table('once_tokens')
                    ->where('token', $token)
                    ->update(['location' => $location, 'said' => $said]);

                return [$location, $said];
            });
        } catch (UniqueConstraintViolationException $e) {
            return $this->given($token) ?? throw $e;
        }
    }

    /** @return array<string, mixed> */
    private function row(string $token): array
    {
        return [
            'token' => $token,
            'user_id' => Auth::id(),
            'made_at' => $this->clock->now()->format('Y-m-d H:i:s'),
        ];
    }
}
