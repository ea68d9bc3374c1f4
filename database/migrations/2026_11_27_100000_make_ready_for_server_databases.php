<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is on its way says on which of several servers; blocks and changes may be as large as they get in any database. */
return new class extends Migration
{
    private const ON_THEIR_WAY = ['workbooks', 'imports', 'handovers'];

    public function up(): void
    {
        foreach (self::ON_THEIR_WAY as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->string('server', 60)->nullable());
        }
        if (in_array(DB::getDriverName(), ['mysql', 'mariadb'], true)) {
            // What is called a binary column there ends at 64 KB.
            DB::statement('ALTER TABLE blocks MODIFY data LONGBLOB NOT NULL');
            DB::statement('ALTER TABLE changes MODIFY patches LONGBLOB NOT NULL');
        }
    }

    public function down(): void
    {
        foreach (self::ON_THEIR_WAY as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn('server'));
        }
    }
};
