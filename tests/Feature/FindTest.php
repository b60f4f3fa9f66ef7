<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Library\EverydayWords;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppTestCase;

/** Everyday words find what they mean. */
final class FindTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->teacher());
    }

    /** @return list<string> ids of one kind, the best first */
    private function found(string $words, string $kind): array
    {
        return array_column($this->answer($this->getJson('/api/find?' . http_build_query(['words' => $words, 'kind' => $kind])), 'answer-find')['found'][$kind], 'id');
    }

    public function testEveryEverydayWordFindsWhatItMeansAmongTheFirst(): void
    {
        $missed = [];
        $count = 0;
        foreach (['precautions', 'movements'] as $kind) {
            foreach (EverydayWords::all()[$kind] as $id => $words) {
                foreach ($words as $one) {
                    ++$count;
                    if (!in_array($id, array_slice($this->found($one, $kind), 0, 3), true)) {
                        $missed[] = "$one: $id";
                    }
                }
            }
        }
        self::assertSame([], $missed);
        self::assertGreaterThanOrEqual(300, $count);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function asPeopleSayIt(): iterable
    {
        yield 'another form of a word' => ['hips replaced', 'precautions', 'hip-replaced'];
        yield 'half typed' => ['osteop', 'precautions', 'osteoporosis'];
        yield 'misspelt' => ['alzeimers', 'precautions', 'dementia'];
        yield 'misspelt differently' => ['hipertension', 'precautions', 'bp-high-controlled'];
        yield 'in a sentence' => ['she had a stroke', 'precautions', 'stroke-side'];
        yield 'with words that tell nothing' => ['problems with the heart', 'precautions', 'heart'];
        yield 'of two words the same' => ['operation on the belly', 'precautions', 'hernia-surgery'];
        yield 'with an accent left out' => ['dupuytren', 'precautions', 'wrist-hand'];
        yield 'traditional' => ['garudasana', 'movements', 'eagle-arms'];
        yield 'clinical' => ['scapular retraction', 'movements', 'blades-squeeze'];
        yield 'a part of the body in another style' => ['cervical twist', 'movements', 'neck-turn'];
        yield 'misspelt movement' => ['sholder rols', 'movements', 'shoulder-circles'];
        yield 'plural' => ['shrugs', 'movements', 'shoulder-lift'];
    }

    #[DataProvider('asPeopleSayIt')]
    public function testWordsAsPeopleSayThem(string $words, string $kind, string $id): void
    {
        self::assertContains($id, array_slice($this->found($words, $kind), 0, 3), implode(', ', array_slice($this->found($words, $kind), 0, 6)));
    }

    public function testWhatIsCalledSoComesFirst(): void
    {
        self::assertSame('stroke-side', $this->found('stroke', 'precautions')[0]);
        self::assertSame('cat-cow', $this->found('cat-cow', 'movements')[0]);
        self::assertSame('hip-replaced', $this->found('hip replacement', 'precautions')[0]);
        self::assertSame([], $this->found('handstand', 'movements'));
        self::assertSame([], $this->found(' ', 'movements'));
        self::assertSame([], $this->found('"; drop * ( near', 'people'));
    }

    public function testAPurposeFindsWhatServesIt(): void
    {
        foreach (EverydayWords::purposes() as $purpose) {
            foreach ([$purpose['name'], ...$purpose['words']] as $words) {
                self::assertSame([], array_diff(array_slice($this->found($words, 'movements'), 0, 4), $purpose['movements']), $words);
            }
            foreach ($purpose['movements'] as $id) {
                self::assertFileExists(base_path("core/data/movements/$id.json"));
            }
            $answer = $this->answer($this->getJson("/api/movements?purpose=$purpose[id]"), 'answer-movements');
            self::assertSame(count($purpose['movements']), $answer['found'], $purpose['name']);
        }
        $this->getJson('/api/movements?purpose=winning')->assertUnprocessable();
        self::assertContains(['name' => 'Cold or stiff hands', 'who' => 'hands that button, knit, hold a cup'], $this->getJson('/api/movements/hand-rub')->json('serves'));
    }

    public function testOnlyWhatIsOnesOwnIsFoundAndAllKindsAtOnce(): void
    {
        $teacher = $this->teacher('own@kind-chair.example');
        $this->people($teacher);
        $teacher->places()->create(['name' => 'Chair hall', 'document' => []]);
        $this->actingAs($teacher);
        $found = $this->answer($this->getJson('/api/find?words=chair'), 'answer-find')['found'];
        self::assertSame(['Chair hall'], array_column($found['places'], 'name'));
        self::assertLessThanOrEqual(8, count($found['movements']));
        $this->actingAs($this->teacher('other@kind-chair.example'));
        self::assertSame([], $this->found('chair hall', 'places'));
    }

    public function testEverythingThatIsNamedExists(): void
    {
        $precautions = array_column((array) $this->getJson('/api/library')->json('precautions'), 'code');
        self::assertSame([], array_values(array_diff(array_keys(EverydayWords::all()['precautions']), $precautions)));
        self::assertSame([], array_values(array_diff($precautions, array_keys(EverydayWords::all()['precautions']))), 'no precaution is without everyday words');
        foreach (array_keys(EverydayWords::all()['movements']) as $id) {
            self::assertFileExists(base_path("core/data/movements/$id.json"));
        }
    }
}
