<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A change says whether it is one of data; a sheet that was taken out stays, so that it can come back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('changes', fn (Blueprint $table) => $table->boolean('is_data')->default(false));
        Schema::table('sheets', fn (Blueprint $table) => $table->boolean('gone')->default(false));
        foreach (['Data:%', '% put in at %', '% taken out at %'] as $words) {
            DB::table('changes')->where('words', 'like', $words)->update(['is_data' => true]);
        }
    }

    public function down(): void
    {
        Schema::table('changes', fn (Blueprint $table) => $table->dropColumn('is_data'));
        Schema::table('sheets', fn (Blueprint $table) => $table->dropColumn('gone'));
    }
};
