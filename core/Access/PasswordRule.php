<?php

declare(strict_types=1);

namespace Sundial\Access;

/**
 * Whether a new password is good enough: 10 to 128 characters, none of the commonest of that length, and no name of the
 * person, the site or the account (NIST SP 800-63B, 5.1.1.2: length and a list of known ones rather than kinds of
 * characters).
 */
final readonly class PasswordRule
{
    public const LEAST = 10;

    public const MOST = 128;

    /**
     * @param  list<string>  $common  the commonest passwords, in lower case
     * @param  list<string>  $names  of the person, the account and the sites
     */
    public function __construct(private array $common, private array $names)
    {
    }

    /** @return string|null why it is refused, as a sentence with a way out; null: it is good */
    public function refuses(string $password): ?string
    {
        $length = mb_strlen($password);
        if ($length < self::LEAST) {
            return 'Use at least '.self::LEAST.' characters; a few words in a row are easy to remember.';
        }
        if ($length > self::MOST) {
            return 'Use at most '.self::MOST.' characters.';
        }
        $plain = mb_strtolower($password);
        if (in_array($plain, $this->common, true)) {
            return 'This is one of the commonest passwords, and among the first to be guessed. Choose another.';
        }
        if (count(array_unique(mb_str_split($plain))) < 4) {
            return 'This repeats a few characters, and is guessed soon. Choose another.';
        }

        return $this->isAName($plain)
            ? 'This is a name of the person, the account or the site, and is guessed soon. Choose another.'
            : null;
    }

    /** A name alone, or with digits and signs around it: "ollerfellmill1", "Ada Holme 2026". */
    private function isAName(string $password): bool
    {
        $bare = self::letters($password);
        foreach ($this->names as $name) {
            $letters = self::letters(mb_strtolower($name));
            if ($letters !== '' && $bare === $letters) {
                return true;
            }
        }

        return false;
    }

    private static function letters(string $text): string
    {
        return (string) preg_replace('/[^\p{L}]/u', '', $text);
    }
}
