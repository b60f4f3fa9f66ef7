<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\AllData;
use App\Http\Requests\ChangeAccount;
use App\Http\Requests\ChangePassword;
use App\Models\Invitation;
use App\Models\User;
use App\Safekeeping\Backups;
use Database\Seeders\DemoSeeder;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A teacher's own account: name, password, open sessions, everything out, everything gone, one more teacher in. */
final class AccountController
{
    public function show(#[CurrentUser] User $teacher, Request $request): JsonResponse
    {
        return response()->json([
            'name' => $teacher->name,
            'email' => $teacher->email,
            'isKeeper' => $teacher->is_keeper,
            'isDemo' => self::isDemo($teacher),
            'teachers' => $teacher->is_keeper ? User::query()->orderBy('id')->pluck('name')->all() : [],
            'openInvitations' => $teacher->invitations()->where('expires_at', '>', now())->count(),
            'sessions' => $this->sessions($request, $teacher),
        ]);
    }

    public function update(#[CurrentUser] User $teacher, ChangeAccount $request): JsonResponse
    {
        abort_if(self::isDemo($teacher) && $request->input('email') !== $teacher->email, 422, 'The demo is found by its address; it stays as it is.');
        $teacher->update($request->safe(['name', 'email']));

        return $this->show($teacher, $request);
    }

    /** Changes the password and signs out everywhere else. */
    public function password(#[CurrentUser] User $teacher, ChangePassword $request): JsonResponse
    {
        $teacher->update(['password' => $request->string('password')->toString()]);
        $this->others($request, $teacher)->delete();

        return $this->show($teacher, $request);
    }

    /** Signs out one other session, or all others. */
    public function signOutElsewhere(#[CurrentUser] User $teacher, Request $request, ?string $session = null): JsonResponse
    {
        foreach ($this->others($request, $teacher)->pluck('id') as $id) {
            if ($session === null || $session === self::handle($id)) {
                DB::table('sessions')->where('id', $id)->delete();
            }
        }

        return $this->show($teacher, $request);
    }

    public function invite(#[CurrentUser] User $teacher): JsonResponse
    {
        abort_unless($teacher->is_keeper, 403, 'Only the teacher who keeps this data can invite others.');

        return response()->json(['link' => url('/invitation/' . Invitation::by($teacher)), 'days' => Invitation::LASTS], 201);
    }

    public function withdrawInvitations(#[CurrentUser] User $teacher, Request $request): JsonResponse
    {
        $teacher->invitations()->delete();

        return $this->show($teacher, $request);
    }

    /** Everything this teacher has stored, in open files. */
    public function export(#[CurrentUser] User $teacher, AllData $files): BinaryFileResponse
    {
        return response()->download($files->write($teacher), (Str::slug($teacher->name) ?: 'teacher') . '-kind-chair.zip', ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    /** Erases the account with everything in it, once its name was written to confirm. */
    public function destroy(#[CurrentUser] User $teacher, Request $request, Backups $backups): Response
    {
        $request->validate(
            ['named' => ['bail', 'required', 'string', Rule::in([$teacher->name])], 'password' => self::isDemo($teacher) ? ['nullable', 'string'] : ['bail', 'required', 'string', 'current_password']],
            ['named.*' => "To erase everything, write the name of the account: $teacher->name.", 'password.*' => 'This is not your password. Nothing was erased.'],
        );
        DB::transaction(static function () use ($teacher): void {
            $teacher->delete();
            if ($teacher->is_keeper) {
                User::query()->orderBy('id')->first()?->update(['is_keeper' => true]);
            }
        });
        if (!User::query()->exists()) {
            $backups->removeAll();
        }
        Auth::forgetUser();
        $request->session()->invalidate();

        return response()->noContent();
    }

    /** @return list<array{id: string, isThis: bool, device: string, address: string, lastSeen: string}> */
    private function sessions(Request $request, User $teacher): array
    {
        $rows = DB::table('sessions')->where('user_id', $teacher->id)->where('last_activity', '>=', now()->subMinutes(config('session.lifetime'))->timestamp)->orderByDesc('last_activity')->get();

        return array_values($rows->map(static fn (object $row): array => [
            'id' => self::handle($row->id),
            'isThis' => $row->id === $request->session()->getId(),
            'device' => self::device($row->user_agent ?? ''),
            'address' => $row->ip_address ?? '',
            'lastSeen' => now()->setTimestamp($row->last_activity)->toIso8601String(),
        ])->all());
    }

    private function others(Request $request, User $teacher): \Illuminate\Database\Query\Builder
    {
        return DB::table('sessions')->where('user_id', $teacher->id)->where('id', '!=', $request->session()->getId());
    }

    /** Names a session without giving away what opens it. */
    private static function handle(string $session): string
    {
        return substr(hash('sha256', $session), 0, 16);
    }

    private static function device(string $agent): string
    {
        $kind = static fn (array $names): ?string => array_values(array_filter($names, static fn (string $name): bool => str_contains($agent, $name)))[0] ?? null;
        $browser = $kind(['Firefox', 'Edg', 'OPR', 'Chrome', 'Safari']);
        $browser = ['Edg' => 'Edge', 'OPR' => 'Opera'][$browser] ?? $browser;
        $system = $kind(['iPhone', 'iPad', 'Android', 'Windows', 'Mac OS', 'Linux']);

        return $browser === null && $system === null ? 'A browser that does not tell its name' : implode(' on ', array_filter([$browser, $system]));
    }

    private static function isDemo(User $teacher): bool
    {
        return config('kindchair.demo') === true && $teacher->email === DemoSeeder::EMAIL;
    }
}
