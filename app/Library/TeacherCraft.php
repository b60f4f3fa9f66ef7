<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\OwnMovementVersion;
use App\Models\OwnPrecaution;
use App\Models\User;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use KindChair\Body\RangeTable;
use KindChair\Format\Craft;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Movement\Movement;
use KindChair\People\Precaution;
use stdClass;

/** The craft as one teacher has it: what is shipped, and their own movements beside it. */
final class TeacherCraft
{
    private ?Craft $shipped = null;

    public function shipped(): Craft
    {
        return $this->shipped ??= ShippedCraft::load();
    }

    /** What is kept of things worked out from a teacher's movements is kept under this name: their own, or everybody's. */
    public static function owner(?User $teacher): string
    {
        return $teacher === null ? 'shipped' : (string) $teacher->id;
    }

    /** Changes whenever a teacher's movements do: a version kept, taken off, or put back under the same name. */
    public function mark(?User $teacher): string
    {
        return $teacher === null ? '' : md5($this->versions($teacher)->toJson());
    }

    public function for(User $teacher): Craft
    {
        $readers = $hidden = [];
        $craft = $this->shipped();
        $ranges = $craft->ranges;
        foreach ($this->versions($teacher) as $version) {
            $id = "$version->key@$version->number";
            $readers[$id] = static fn (): Movement => self::read($teacher, $id, (int) $version->id, $ranges);
            if ($version->number < $version->newest || $version->removed_at !== null) {
                $hidden[] = $id;
            }
        }
        $own = $teacher->ownPrecautions()->orderBy('id')->get();
        if ($own->isNotEmpty()) {
            $craft = $craft->withPrecautions(array_values($own->map(static fn (OwnPrecaution $one): Precaution => Craft::precaution(Node::root($one->document)))->all()));
        }

        $library = $readers === [] ? $craft->library : $craft->library->with($readers, $hidden);

        return $craft->withLibrary($library->called($teacher->naming()));
    }

    /** @return Collection<int, stdClass> id, key, number, newest (number) and removed_at of each */
    private function versions(User $teacher): Collection
    {
        return DB::table('own_movement_versions as version')
            ->join('own_movements as own', 'own.id', '=', 'version.own_movement_id')
            ->where('own.user_id', $teacher->id)
            ->orderBy('version.id')
            ->get(['version.id', 'own.key', 'version.number', 'own.number as newest', 'own.removed_at']);
    }

    /**
     * The shipped craft with movements that came in a file.
     *
     * @param list<array<array-key, mixed>> $documents
     */
    public static function with(Craft $craft, array $documents): Craft
    {
        $readers = [];
        foreach ($documents as $at => $document) {
            $id = $document['id'] ?? null;
            if (is_string($id)) {
                $readers[$id] = static fn (): Movement => MovementReader::read(Node::root($document, "/movements/$at"), $craft->ranges);
            }
        }

        return $craft->withLibrary($craft->library->with($readers));
    }

    /** What was kept once never changes, so reading it once is enough. */
    private static function read(User $teacher, string $id, int $version, RangeTable $ranges): Movement
    {
        return DerivedCache::of("$teacher->id:movement:$id", (string) $version, static fn (): Movement => MovementReader::read(
            Node::root([...OwnMovementVersion::query()->findOrFail($version)->document, 'id' => $id]),
            $ranges,
        ));
    }
}
