<?php

declare(strict_types=1);

namespace Sundial\Hooks;

/**
 * By what a receiver knows that a message is ours and fresh: HMAC-SHA-256 (RFC 2104, FIPS 180-4) over the second it was
 * sent, a full stop and the body, in hexadecimal.
 */
final readonly class Signature
{
    /** Seconds for which a message is believed to be fresh. */
    public const FRESH = 300;

    private function __construct(public int $at, public string $code)
    {
    }

    public static function of(string $secret, int $at, string $body): self
    {
        return new self($at, hash_hmac('sha256', "{$at}.{$body}", $secret));
    }

    /** As it stands in the header of a message: "t=1774000000, v1=…". */
    public function header(): string
    {
        return "t={$this->at}, v1={$this->code}";
    }

    /** Whether a header is right for a body, and not older than it may be at a second. */
    public static function isRight(string $header, string $secret, string $body, int $now): bool
    {
        if (preg_match('/^t=(\d{1,12}), v1=([0-9a-f]{64})$/D', $header, $found) !== 1) {
            return false;
        }
        $at = (int) $found[1];

        return abs($now - $at) <= self::FRESH && hash_equals(self::of($secret, $at, $body)->code, $found[2]);
    }
}
