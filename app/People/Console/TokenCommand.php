<?php

declare(strict_types=1);

namespace App\People\Console;

use App\People\Actions\ReplaceToken;
use App\People\Models\User;
use Illuminate\Console\Command;

/** Makes a token of a person for a program, and prints it: the one time that it is shown. */
final class TokenCommand extends Command
{
    protected $signature = 'token:issue {login : of the person} {name : what the program is}';

    protected $description = 'Makes a token with which a program reads and writes as a person';

    public function handle(ReplaceToken $replace): int
    {
        $login = $this->argument('login');
        $name = $this->argument('name');
        $person = User::query()->where('login', $login)->first();
        if ($person === null || ! is_string($name)) {
            $this->error('There is no such account.');

            return self::FAILURE;
        }
        $this->line($replace($person, $name));

        return self::SUCCESS;
    }
}
