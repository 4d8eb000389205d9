<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use App\Platform\Clock\Clock;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/**
 * Does what a form asks for once, however often it is sent: the form carries a token, the first use decides, and every
 * repetition gets the first one's answer. A token is of one person and of what was typed: sent again with something
 * else, the form is another one.
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
     * @param  Closure(): string  $create  does the work and returns the address to go to
     * @return string that address, the same for every repetition
     */
    public function run(?string $token, Closure $create): string
    {
        return $this->answer($token, static fn (): array => [$create(), null])[0];
    }

    /**
     * The same with a sentence that says what was done.
     *
     * @param  Closure(): array{string, string|null}  $do
     * @return array{string, string|null} the address to go to, and the sentence
     */
    public function answer(?string $token, Closure $do): array
    {
        if ($token === null || preg_match('/^[0-9a-f-]{36}$/D', $token) !== 1) {
            return DB::transaction($do);
        }
        $key = $this->key($token);
        try {
            return DB::transaction(function () use ($key, $do): array {
                DB::table('once_tokens')->insert([
                    'token' => $key,
                    'user_id' => Auth::id(),
                    'made_at' => $this->clock->now()->format('Y-m-d H:i:s'),
                ]);
                [$location, $said] = $do();
                DB::table('once_tokens')
                    ->where('token', $key)
                    ->update(['location' => $location, 'said' => $said]);

                return [$location, $said];
            });
        } catch (UniqueConstraintViolationException $e) {
            $first = DB::table('once_tokens')->where('token', $key)->first(['location', 'said']);
            if ($first === null || $first->location === null) {
                throw $e;
            }

            return [(string) $first->location, $first->said];
        }
    }

    /**
     * The same for the form that was sent, by the token in it.
     *
     * @param  Closure(): array{string, string|null}  $do
     */
    public function redirect(Closure $do): RedirectResponse
    {
        [$location, $said] = $this->answer(Typed::word($this->request, 'once') ?: null, $do);

        return redirect($location)->with('said', $said);
    }

    private function key(string $token): string
    {
        $files = array_map(
            static fn (mixed $file): mixed => $file instanceof UploadedFile
                ? [$file->getClientOriginalName(), $file->getSize()]
                : null,
            $this->request->allFiles(),
        );
        $content = $this->request->except(['_token', 'once', ...array_keys($files)]);

        return hash('sha256', serialize([Auth::id(), $token, $this->request->path(), $content, $files]));
    }
}
