<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Route;
use Tests\Support\AppTestCase;

/** The same request twice does its work once. */
final class DoneOnceTest extends AppTestCase
{
    private const KEY = ['Idempotency-Key' => '0123456789abcdef'];

    public function testASecondRequestWithTheSameKeyGetsTheFirstAnswer(): void
    {
        $this->actingAs($this->teacher());
        $first = $this->postJson('/api/groups', ['name' => 'Tuesday'], self::KEY)->assertCreated();
        $again = $this->postJson('/api/groups', ['name' => 'Tuesday'], self::KEY)->assertCreated();
        self::assertSame($first->json(), $again->json());
        $this->assertDatabaseCount('groups', 1);

        $this->postJson('/api/groups', ['name' => 'Tuesday'], ['Idempotency-Key' => '0123456789abcdee'])->assertCreated();
        $this->postJson('/api/groups', ['name' => 'Tuesday'])->assertCreated();
        $this->assertDatabaseCount('groups', 3);
    }

    public function testAnAnswerIsForWhoAskedAndForWhatWasAsked(): void
    {
        $this->actingAs($this->teacher());
        $this->postJson('/api/groups', ['name' => 'Tuesday'], self::KEY)->assertCreated();
        $this->postJson('/api/places', ['name' => 'Hall'], self::KEY)->assertCreated()->assertJsonPath('name', 'Hall');
        $this->actingAs($this->teacher('other@example.org'));
        $this->postJson('/api/groups', ['name' => 'Mine'], self::KEY)->assertCreated()->assertJsonPath('name', 'Mine');
    }

    public function testWhatWasRefusedMayBePutRightAndSentAgain(): void
    {
        $this->actingAs($this->teacher());
        $this->postJson('/api/groups', ['name' => ''], self::KEY)->assertUnprocessable();
        $this->postJson('/api/groups', ['name' => 'Tuesday'], self::KEY)->assertCreated();
    }

    public function testEverythingThatMakesSomethingNewKnowsAKey(): void
    {
        $makes = ['account/invitations', 'blocks', 'classes', 'classes/import', 'classes/{class}/led', 'classes/{class}/next', 'groups', 'groups/{group}/import', 'groups/{group}/people', 'own', 'own/import', 'places', 'precautions'];
        $known = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (in_array('once', $route->gatherMiddleware(), true)) {
                $known[] = substr($route->uri(), strlen('api/'));
            }
        }
        sort($known);
        self::assertSame($makes, $known);
    }
}
