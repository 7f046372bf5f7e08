<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('schools', function (Blueprint $table): void {
            // Days are the school's: in the evening of a US yard it is tomorrow by UTC.
            $table->string('time_zone', 64)->default('America/New_York');
            // No record is older than the school.
            $table->date('opened_on')->default('1990-01-01');
            // Made-up data, whose accounts and passwords everybody knows.
            $table->boolean('is_demo')->default(false);
        });
        // Until now there was no other way to a school than the demo data.
        DB::table('schools')->update(['is_demo' => true]);
        Schema::table('attempts', function (Blueprint $table): void {
            // Of a record that came from a file: its id there, when and by whom it was taken in, and who is named in
            // it.
            $table->uuid('source_id')->nullable();
            $table->timestamp('imported_at')->nullable();
            $table->foreignId('imported_by')->nullable()->constrained('users');
            $table->json('source')->nullable();
            $table->unique(['school_id', 'source_id']);
        });
        Schema::table('brake_practices', function (Blueprint $table): void {
            // Made by the page: a practice whose answer was lost is sent again and kept once.
            $table->uuid('uuid')->nullable();
            $table->unique(['user_id', 'uuid']);
        });
        Schema::table('amendments', function (Blueprint $table): void {
            $table->unsignedInteger('position')->default(1);
            // Of what was sent, so that sending it again can be told from sending something else under its id.
            $table->char('digest', 64)->default('');
            // Who made it, where it came with a record from a file.
            $table->string('by_name')->nullable();
        });
        Schema::table('signatures', function (Blueprint $table): void {
            $table->index('attempt_id');
            $table->dropUnique(['attempt_id', 'party']);
            $table->uuid('uuid')->nullable()->unique();
            // Whose session it was entered in; a student signs on the scorer's tablet.
            $table->foreignId('user_id')->nullable()->constrained();
            // Of the record as it was signed; null for a signature from before records had one.
            $table->char('digest', 64)->nullable();
        });
        $this->brakeEvents();
        $this->recordings();
    }

    private function brakeEvents(): void
    {
        Schema::create('brake_events', function (Blueprint $table): void {
            $table->foreignUuid('attempt_id')->constrained();
            $table->uuid('id');
            $table->unsignedInteger('position');
            // The line in the open format: something observed, or the id of the line that it takes back.
            $table->json('entry');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestamp('received_at', 3);
            $table->uuid('amendment_id')->nullable();
            $table->primary(['attempt_id', 'id']);
        });
        foreach (DB::table('brake_runs')->get() as $run) {
            $scorer = DB::table('attempts')->where('id', $run->attempt_id)->value('scorer_id');
            $lines = [];
            foreach ($this->list($run->events) as $event) {
                $lines[] = ['id' => (string) Str::uuid7(), ...(array) $event];
            }
            foreach ($this->list($run->taken_back) as $event) {
                $id = (string) Str::uuid7();
                array_push($lines, ['id' => $id, ...(array) $event], ['id' => (string) Str::uuid7(), 'undoes' => $id]);
            }
            foreach (array_chunk($lines, 500, true) as $chunk) {
                DB::table('brake_events')->insert(
                    array_map(
                        static fn (array $line, int $n): array => [
                            'attempt_id' => $run->attempt_id,
                            'id' => $line['id'],
                            'position' => $n,
                            'entry' => json_encode($line),
                            'user_id' => $scorer,
                            'received_at' => $run->updated_at,
                        ],
                        $chunk,
                        array_keys($chunk),
                    ),
                );
            }
        }
        Schema::drop('brake_runs');
    }

    /** @return list<mixed> */
    private function list(mixed $json): array
    {
        $read = json_decode(is_string($json) ? $json : '', true);

        return is_array($read) ? array_values($read) : [];
    }

    private function recordings(): void
    {
        Schema::rename('recordings', 'old_recordings');
        Schema::create('recordings', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('attempt_id')->constrained(indexName: 'captions_of_attempt');
            // The last one is looked at; those before it stay readable.
            $table->unsignedInteger('position');
            $table->foreignId('user_id')->constrained(indexName: 'captions_of_user');
            $table->string('name', 200);
            $table->mediumText('content');
            // What was heard in it, and by which listener: worked out once, and anew when the listener has become
            // another.
            $table->longText('heard')->nullable();
            $table->char('heard_by', 64)->nullable();
            $table->timestamp('received_at', 3);
        });
        Schema::create('turned_down', function (Blueprint $table): void {
            $table->foreignUuid('attempt_id')->constrained();
            $table->uuid('id');
            $table->unsignedInteger('position');
            $table->foreignUuid('recording_id')->constrained();
            // The proposal, and whether it is turned down or brought back; the last line of a key counts.
            $table->string('key', 200);
            $table->boolean('down');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('received_at', 3);
            $table->primary(['attempt_id', 'id']);
        });
        foreach (DB::table('old_recordings')->get() as $old) {
            $id = (string) Str::uuid7();
            DB::table('recordings')->insert([
                'id' => $id,
                'attempt_id' => $old->attempt_id,
                'position' => 0,
                'user_id' => $old->user_id,
                'name' => $old->name,
                'content' => $old->content,
                'received_at' => $old->updated_at,
            ]);
            foreach ($this->list($old->rejected) as $n => $key) {
                DB::table('turned_down')->insert([
                    'attempt_id' => $old->attempt_id,
                    'id' => (string) Str::uuid7(),
                    'position' => $n,
                    'recording_id' => $id,
                    'key' => $key,
                    'down' => true,
                    'user_id' => $old->user_id,
                    'received_at' => $old->updated_at,
                ]);
            }
        }
        Schema::drop('old_recordings');
    }

    // What was appended since cannot be told in the old shape without losing who did what.
};
