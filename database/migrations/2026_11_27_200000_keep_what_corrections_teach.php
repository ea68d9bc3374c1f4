<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a person corrected in a table is kept by the words of its headings, for tables that come later. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('lessons', function (Blueprint $table) {
            $table->id();
            $table->string('print', 32)->unique();
            $table->foreignId('workbook_id')->nullable()->index();
            $table->string('from');
            $table->longText('data');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('lessons');
    }
};
