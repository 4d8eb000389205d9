<?php

declare(strict_types=1);

use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Http\FormRequest;

$floors = ['Platform', 'People', 'Register', 'Stops', 'Stores', 'Planning', 'Work'];

arch('the core uses only itself and exact numbers')
    ->expect('Sundial')
    ->toOnlyUse(['Sundial', 'Brick\Math'])
    ->ignoring(['Sundial\Ops', 'Sundial\Bench']);
arch('core classes are final')
    ->expect('Sundial')
    ->classes()
    ->toBeFinal()
    ->ignoring(['Sundial\Ops', 'Sundial\Bench']);
foreach (
    [
        'Access',
        'Ask',
        'Calendar',
        'Costing',
        'Files',
        'Hooks',
        'Import',
        'Meters',
        'Planning',
        'Register',
        'Stock',
        'Stops',
        'Support',
        'Work',
    ] as $topic
) {
    arch("core classes of {$topic} are readonly")
        ->expect("Sundial\\{$topic}\\")
        ->classes()
        ->toBeReadonly()
        ->ignoring(['Sundial\Support\InvalidInput', 'Sundial\Work\MoveRefused']);
}
arch('strict types everywhere')
    ->expect(['App', 'Sundial', 'Database\Demo'])
    ->toUseStrictTypes();
arch('strict equality everywhere')
    ->expect(['App', 'Sundial', 'Database\Demo'])
    ->toUseStrictEquality();
arch('no leftovers')
    ->expect(['dd', 'dump', 'var_dump', 'ray', 'env', 'exit', 'die'])
    ->not->toBeUsedIn(['App', 'Database\Demo']);
foreach ($floors as $floor) {
    arch("models of {$floor} are models")
        ->expect("App\\{$floor}\\Models")
        ->toExtend(Model::class);
    arch("Http of {$floor} holds controllers")
        ->expect("App\\{$floor}\\Http")
        ->toHaveSuffix('Controller')
        ->ignoring("App\\{$floor}\\Http\\Requests");
    arch("Http/Requests of {$floor} holds form requests")
        ->expect("App\\{$floor}\\Http\\Requests")
        ->toExtend(FormRequest::class);
    arch("actions of {$floor} are invokable")
        ->expect("App\\{$floor}\\Actions")
        ->toBeInvokable()
        ->toBeFinal();
    arch("actions of {$floor} offer nothing else")
        ->expect("App\\{$floor}\\Actions")
        ->not->toHavePublicMethodsBesides(['__construct', '__invoke']);
}
foreach ($floors as $i => $floor) {
    foreach (array_slice($floors, $i + 1) as $higher) {
        arch("{$floor} does not use {$higher}")
            ->expect("App\\{$floor}\\")
            ->not->toUse("App\\{$higher}\\");
    }
}

it('finds files on every floor', function () use ($floors) {
    foreach ($floors as $floor) {
        expect(glob(dirname(__DIR__, 2)."/app/{$floor}/*.php"))->not->toBeEmpty("floor {$floor}");
    }
    expect(array_map(basename(...), glob(dirname(__DIR__, 2).'/app/*', GLOB_ONLYDIR)))->toEqualCanonicalizing(
        $floors,
    );
});

it('keeps clock, chance and surroundings out of the core', function () {
    $banned = [
        'time',
        'date',
        'microtime',
        'rand',
        'mt_rand',
        'random_int',
        'now',
        'config',
        'env',
        'getenv',
        'setlocale',
        'date_default_timezone_get',
        'DateTime',
        'DateTimeImmutable',
        'strtotime',
        'file_get_contents',
    ];
    $found = [];
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core', FilesystemIterator::SKIP_DOTS),
        ) as $file
    ) {
        $tokens = array_values(
            array_filter(
                PhpToken::tokenize((string) file_get_contents((string) $file)),
                fn (PhpToken $token): bool => ! $token->isIgnorable(),
            ),
        );
        foreach ($tokens as $i => $token) {
            $called =
                ($tokens[$i + 1]->text ?? '') === '(' &&
                ! in_array($tokens[$i - 1]->text ?? '', ['->', '::', 'function', '?->'], true);
            if (
                ($called && in_array(ltrim($token->text, '\\'), $banned, true)) ||
                (($tokens[$i - 1]->text ?? '') === 'new' && in_array(ltrim($token->text, '\\'), $banned, true))
            ) {
                $found[] = "{$file}: {$token->text}";
            }
        }
    }
    expect($found)->toBe([]);
});

it('lets no controller speak to the database or ask a model', function () {
    $found = [];
    foreach (glob(dirname(__DIR__, 2).'/app/*/Http/*.php') ?: [] as $file) {
        if (preg_match('/\bDB::|::(query|standings|where|find|create)\(/', (string) file_get_contents($file)) === 1) {
            $found[] = $file;
        }
    }
    expect($found)->toBe([]);
});

it('knows three ways up and no other: no tags, no model hooks', function () {
    $found = [];
    $below = new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/app', FilesystemIterator::SKIP_DOTS),
    );
    foreach ($below as $file) {
        $code = (string) file_get_contents($file->getPathname());
        if (preg_match('/->tag(ged)?\(|function booted\(|::(saved|saving|created|updated|deleted)\(/', $code) === 1) {
            $found[] = $file->getPathname();
        }
    }
    expect($found)->toBe([]);
});

it('rewrites no field of a record but by a cast, as the framework is not asked to look for more', function () {
    $found = [];
    foreach (glob(dirname(__DIR__, 2).'/app/{*,*/*}/*.php', GLOB_BRACE) ?: [] as $file) {
        $code = (string) file_get_contents($file);
        $isRecord = preg_match('/\bextends (Record|Authenticatable)\b/', $code) === 1;
        $rewrites = '/function (get|set)\w+Attribute\(|\): Attribute\b|#\[(Boot|Initialize|ScopedBy|ObservedBy)/';
        if (preg_match('/^(final )?class \w+ extends Model\b/m', $code) === 1 ||
            ($isRecord && preg_match($rewrites, $code) === 1)) {
            $found[] = $file;
        }
    }
    expect($found)->toBe([]);
});
