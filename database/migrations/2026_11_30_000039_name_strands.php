<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Steps of plans that were made from ladders which have strands by now get theirs, by what they say to do. */
return new class extends Migration
{
    /** By a step that no other ladder has: strands, and what the steps say. */
    private const LADDERS = [
        'Tool\'s sound across the room.' => [
            'body' => [
                'Paw touched.',
                'Paw held 2 s.',
                'One toe held.',
            ],
            'tool' => [
                'Tool seen, on the floor.',
            ],
            'body tool' => [
                'Tool touches another place: the shoulder.',
                'Tool, off, at the nail.',
            ],
            'sound' => [
                'Tool\'s sound across the room.',
                'Tool\'s sound near.',
            ],
            'body sound' => [
                'Sound near while you hold the paw.',
            ],
            'body tool sound' => [
                'One nail, then rest.',
                'Two or three nails with rests.',
                'One whole paw.',
            ],
        ],
        'Bottle on the floor.' => [
            'body' => [
                'Hand near the ear.',
                'Ear touched.',
                'Ear stroked.',
                'Ear flap lifted.',
            ],
            'tool' => [
                'Bottle on the floor.',
                'Bottle in the hand beside the ear.',
            ],
            'body tool' => [
                'Flap lifted, closed bottle touches it.',
                'A warm wet cloth on the flap.',
                'One drop on the flap\'s edge.',
                'The drops it needs, and a rub.',
            ],
        ],
        'Closed bottle on the brow.' => [
            'body' => [
                'Hand beside the eye.',
                'Brow touched.',
                'Chin rests while the brow is held.',
                'Upper lid lifted a little.',
            ],
            'body tool' => [
                'Closed bottle on the brow.',
                'A damp pad under the eye.',
                'Lid lifted, bottle above.',
                'One drop.',
            ],
        ],
        'Brush shown, mouthed.' => [
            'body' => [
                'Onto the mat, chin in the hand.',
                'Hand at the muzzle.',
                'Hand holds the muzzle softly.',
                'Lip lifted.',
                'A tooth touched.',
                'Finger rubbed along.',
                'Damp cloth on the finger.',
            ],
            'tool' => [
                'Brush shown, mouthed.',
            ],
            'body tool' => [
                'Brush touches the teeth.',
                'A few strokes.',
                'Paste licked off the brush.',
                'Brush with paste.',
            ],
        ],
        'Buckle clicked behind your back, across the room; food.' => [
            'sound' => [
                'Buckle clicked behind your back, across the room; food.',
                'Buckle clicked in front of you, near.',
            ],
            'strap' => [
                'It hangs loose on the dog. Reach toward the strap from the side, no touch.',
                'Reach from the front, no touch.',
                'Reach under the arm, no touch.',
                'Reach over to the top clip, no touch.',
                'Touch the strap.',
                'Lift the strap clear of the coat, one hand.',
                'Lift it against the chest.',
                'The same with two hands.',
                'As if to buckle, halves apart.',
                'Worn still.',
                'A target, a stretch, a trot, rummaging in a box.',
                'A walk.',
            ],
            'sound strap' => [
                'Buckle halves touch.',
                'One buckle closed.',
                'Second buckle closed.',
                'One strap tightened by a hole and loosened again.',
            ],
        ],
        'Towel laid over the back.' => [
            'tool' => [
                'Towel on the floor to stand on.',
                'Towel laid over the back.',
                'Rubbed with the dry towel.',
                'Wet paws, towel.',
            ],
            'body' => [
                'Into the empty tub by itself, out again.',
                'In the tub, a wet hand on the back.',
            ],
            'sound' => [
                'Water runs, far.',
            ],
            'body sound' => [
                'A cup of lukewarm water over the back.',
            ],
            'body tool sound' => [
                'Wet and dried.',
            ],
        ],
    ];

    public function up(): void
    {
        foreach (self::LADDERS as $known => $strands) {
            $plans = DB::table('steps')->where('instruction', $known)->distinct()->pluck('plan_id')->all();
            foreach ($strands as $about => $says) {
                DB::table('steps')->whereIn('plan_id', $plans)->whereIn('instruction', $says)->where('strands', '')
                    ->update(['strands' => $about]);
            }
        }
    }
};
