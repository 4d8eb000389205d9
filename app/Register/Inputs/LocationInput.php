<?php

declare(strict_types=1);

namespace App\Register\Inputs;

/** What is said of a place: its tag and name, in which place it stands, and who runs the machines there. */
final readonly class LocationInput
{
    /** @param  list<int>|null  $operators  null: as they stand */
    private function __construct(
        public string $tag,
        public string $name,
        public ?string $stands,
        public ?array $operators,
    ) {
    }

    /**
     * @param  array{tag: string, name: string, stands?: string|null, operators?: list<int>}  $fields  stands: the tag
     *     of the place around it; none at the site itself
     */
    public static function of(array $fields): self
    {
        $stands = $fields['stands'] ?? '';

        return new self(
            $fields['tag'],
            $fields['name'],
            $stands === '' ? null : $stands,
            $fields['operators'] ?? null,
        );
    }
}
