<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;

final class SetPassword extends Command
{
    protected $signature = 'account:password {email : the e-mail address you sign in with}';

    protected $description = 'Set a new password for a teacher who forgot theirs';

    public function handle(): int
    {
        $user = User::query()->firstWhere('email', $this->argument('email'));
        if ($user === null) {
            $this->error('There is no account with this e-mail address.');

            return self::FAILURE;
        }
        $password = (string) $this->secret('New password (ten letters or more)');
        if (mb_strlen($password) < 10) {
            $this->error('Please choose a longer password: ten letters or more. Nothing was changed.');

            return self::FAILURE;
        }
        $user->update(['password' => $password]);
        $this->info('The new password works from now on.');

        return self::SUCCESS;
    }
}
