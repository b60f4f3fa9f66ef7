<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class SetPassword extends Command
{
    protected $signature = 'account:password {email : the e-mail address you sign in with}';

    protected $description = 'Set a new password for a teacher who forgot theirs';

    public function handle(): int
    {
        $user = User::query()->firstWhere('email', User::emailKey((string) $this->argument('email')));
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
        DB::table('sessions')->where('user_id', $user->id)->delete();
        $this->info('The new password works from now on; everybody who was signed in to this account is signed out.');

        return self::SUCCESS;
    }
}
