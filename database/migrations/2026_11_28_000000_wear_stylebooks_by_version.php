<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Rilvet\Stylebook\Builtin;

/**
 * Sheets wear stylebooks by reference. Each content that a sheet, the shelf or the history had becomes a version of the
 * stylebook of its name; sheets that wear the newest follow it, others hold what they wear, so that nothing looks otherwise.
 */
return new class extends Migration
{
    /** @var array<string, array<string, true>> contents by the name of their stylebook, the oldest first */
    private array $contents = [];

    /** @var array<string, int> ids by name */
    private array $ids = [];

    public function up(): void
    {
        Schema::create('stylebook_versions', function (Blueprint $table) {
            $table->id();
            $table->foreignId('stylebook_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->longText('data');
            $table->string('words');
            $table->boolean('gone')->default(false);
            $table->timestamp('created_at')->nullable();
            $table->unique(['stylebook_id', 'number']);
        });
        Schema::table('stylebooks', function (Blueprint $table) {
            $table->unsignedInteger('version')->default(1);
            $table->foreignId('draft_of')->nullable()->index();
            $table->unsignedInteger('base')->nullable();
            $table->boolean('gone')->default(false);
        });
        Schema::table('sheets', function (Blueprint $table) {
            $table->foreignId('stylebook_id')->nullable()->index();
            $table->unsignedInteger('held')->nullable();
            $table->string('measure', 16)->nullable();
        });
        Schema::table('workbooks', fn (Blueprint $table) => $table->foreignId('specimen_of')->nullable()->index());
        Schema::table('handovers', function (Blueprint $table) {
            $table->text('wore')->nullable();
            $table->boolean('conditions')->default(false);
        });
        $this->gather();
        $this->keep();
        $this->refer();
        Schema::table('sheets', fn (Blueprint $table) => $table->dropColumn('wears'));
        Schema::table('stylebooks', fn (Blueprint $table) => $table->dropColumn('data'));
    }

    public function down(): void
    {
        throw new RuntimeException('Versions cannot be taken back out. Put a copy of the database from before in its place.');
    }

    private function gather(): void
    {
        foreach (DB::table('changes')->orderBy('id')->lazyById(100) as $change) {
            foreach (self::unpack($change->patches) as [, $what, $before, $after]) {
                foreach ([$before, $after] as $json) {
                    str_starts_with($what, 'stylebook:') && $this->known(json_decode((string) json_decode($json), true));
                    $what === 'dress' && $this->known(json_decode($json, true)['stylebook'] ?? null);
                }
            }
        }
        foreach (DB::table('documents')->where('name', 'dress')->orderBy('sheet_id')->lazy(100) as $document) {
            $this->known(json_decode($document->data, true)['stylebook'] ?? null);
        }
        // What is known last is the newest: what the shelf shows.
        foreach (Builtin::all() as $builtin) {
            $this->known($builtin->toArray(), true);
        }
        foreach (DB::table('stylebooks')->orderBy('id')->get() as $row) {
            $this->known(json_decode($row->data, true), true);
        }
    }

    private function known(mixed $content, bool $newest = false): void
    {
        if (! is_array($content)) {
            return;
        }
        [$name, $json] = [trim($content['name']), self::plain($content)];
        if ($newest) {
            unset($this->contents[$name][$json]);
        }
        $this->contents[$name][$json] = true;
    }

    private function keep(): void
    {
        $this->ids = DB::table('stylebooks')->pluck('id', 'name')->all();
        foreach ($this->contents as $name => $contents) {
            $this->ids[$name] ??= DB::table('stylebooks')->insertGetId([
                'name' => $name, 'data' => '', 'created_at' => now(), 'updated_at' => now(),
            ]);
            DB::table('stylebooks')->where('id', $this->ids[$name])->update(['version' => count($contents)]);
            $isBuiltin = count($contents) === 1 && in_array($name, array_map(fn ($one) => $one->name, Builtin::all()), true);
            foreach (array_keys($contents) as $place => $json) {
                DB::table('stylebook_versions')->insert([
                    'stylebook_id' => $this->ids[$name], 'number' => $place + 1, 'data' => $json,

                    'words' => $isBuiltin ? 'As it comes with Rilvet' : 'As it was before versions were kept',
                    'gone' => false, 'created_at' => now(),
                ]);
            }
        }
    }

    private function refer(): void
    {
        foreach (DB::table('documents')->where('name', 'dress')->orderBy('sheet_id')->get() as $document) {
            $says = json_decode($document->data, true);
            [$name, $json] = [trim($says['stylebook']['name']), self::plain($says['stylebook'])];
            $number = array_search($json, array_keys($this->contents[$name]), true) + 1;
            $held = $number === count($this->contents[$name]) ? null : $number;
            $now = ['stylebook' => $this->ids[$name], 'held' => $held, 'clean' => $says['clean']];
            DB::table('documents')->where('sheet_id', $document->sheet_id)->where('name', 'dress')->update(['data' => json_encode($now)]);
            DB::table('sheets')->where('id', $document->sheet_id)->update(['stylebook_id' => $now['stylebook'], 'held' => $held]);
        }
        foreach (DB::table('changes')->orderBy('id')->lazyById(100) as $change) {
            $patches = self::unpack($change->patches);
            $now = array_values(array_filter(array_map($this->patched(...), $patches)));
            if ($now !== $patches) {
                DB::table('changes')->where('id', $change->id)->update(['patches' => (string) gzdeflate((string) json_encode($now), 1)]);
            }
        }
    }

    /**
     * @param  array{int, string, string, string}  $patch
     * @return array{int, string, string, string}|null  null where nothing is left of it
     */
    private function patched(array $patch): ?array
    {
        [$sheet, $what, $before, $after] = $patch;
        if (str_starts_with($what, 'stylebook:')) {
            $name = substr($what, strlen('stylebook:'));
            $number = function (string $json) use ($name): string {
                $content = json_decode((string) json_decode($json), true);
                $place = is_array($content) ? array_search(self::plain($content), array_keys($this->contents[$name]), true) : 0;

                return (string) ((int) $place + 1);
            };

            return [0, "version:{$this->ids[$name]}", $number($before), $number($after)];
        }
        if ($what !== 'dress') {
            return $patch;
        }
        [$from, $to] = array_map(function (string $json) {
            $says = json_decode($json, true);

            return $says === null
                ? 'null'
                : (string) json_encode(
                    ['stylebook' => $this->ids[trim($says['stylebook']['name'])], 'held' => null, 'clean' => $says['clean']],
                );
        }, [$before, $after]);

        return $from === $to ? null : [$sheet, $what, $from, $to];
    }

    /** @return list<array{int, string, string, string}> */
    private static function unpack(string $packed): array
    {
        return json_decode((string) gzinflate($packed), true, 8);
    }

    /** @param  array<array-key, mixed>  $content */
    private static function plain(array $content): string
    {
        array_walk_recursive($content, function (mixed &$value) {
            $value = is_float($value) && $value === floor($value) ? (int) $value : $value;
        });

        return (string) json_encode($content, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
};
