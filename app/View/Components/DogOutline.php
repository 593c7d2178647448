<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Handling\AreaView;
use Core\Handling\BodyAreas;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A dog drawn from four sides, each part a link, shaded by what is accepted there. Our own drawing. */
final class DogOutline extends Component
{
    /** Parts of a dog seen from its left side, facing left: area and outline. */
    private const SIDE = [
        ['tail', 'M303 96 C330 96 346 80 352 58 C354 49 364 50 364 60 C362 88 344 112 315 116 Z', 350, 88],
        ['back', 'M142 82 C190 72 250 72 286 82 C296 86 301 91 303 96 L297 116 C250 106 210 106 179 113 C178 96 164 84 142 82 Z', 230, 96],
        [
            'flank', 'M179 113 C210 106 250 106 283 115 C282 132 278 148 272 160 C240 166 205 165 176 158 C179 143 180 128 179 113 Z', 228,
            140,
        ],
        ['belly', 'M176 158 C205 165 240 166 272 160 L266 176 C234 184 196 183 168 178 C171 172 174 165 176 158 Z', 222, 176],
        [
            'shoulder',
            'M142 82 C164 84 178 96 179 113 C180 128 179 143 176 158 C174 165 171 172 168 178 C158 176 148 173 141 168 L133 130 Z', 158,
            132,
        ],
        ['neck', 'M103 61 C118 64 131 71 142 82 L133 130 C119 122 108 112 100 100 C106 88 107 74 103 61 Z', 121, 96],
        ['chest', 'M107 110 C115 118 124 125 133 130 L141 168 C124 160 112 146 108 128 Z', 124, 146],
        ['upper_leg', 'M141 168 C148 173 158 176 168 178 L167 202 L145 202 Z', 156, 192],
        [
            'upper_leg', 'M283 115 L297 116 L303 96 C318 108 322 132 314 152 C308 166 300 176 290 182 L266 176 C274 160 281 138 283 115 Z',
            296, 148,
        ],
        ['lower_leg', 'M145 202 L167 202 L164 234 L147 234 Z', 156, 222],
        [
            'lower_leg',
            'M276 179 L290 182 C296 179 301 175 304 170 C313 184 313 196 306 208 L301 234 L285 234 L288 206 C283 198 279 188 276 179 Z',
            296, 210,
        ],
        ['front_paw', 'M147 234 L164 234 C166 240 166 246 164 250 L138 250 C136 243 140 237 147 234 Z', 151, 246],
        ['hind_paw', 'M285 234 L301 234 C303 240 303 246 301 250 L275 250 C273 243 278 237 285 234 Z', 288, 246],
        ['muzzle', 'M60 70 C48 72 36 76 29 83 C25 88 27 94 33 96 L64 94 C66 86 64 77 60 70 Z', 45, 87],
        ['lips', 'M33 96 L64 94 C66 99 67 104 67 108 C56 114 44 113 36 106 C33 103 32 99 33 96 Z', 50, 107],
        ['eye', 'M68 69 C73 63 83 64 86 71 C82 78 73 78 68 69 Z', 77, 74],
        ['ear', 'M86 49 C98 47 108 56 109 70 C110 84 105 95 97 98 C90 86 85 66 86 49 Z', 97, 76],
    ];

    private const SIDE_WIDTH = 380;

    /** What is drawn but is no part of the map. */
    private const SIDE_PLAIN = [
        'M60 70 C64 58 74 50 86 49 C85 66 90 86 97 98 C91 106 80 110 67 108 C67 104 66 99 64 94 C66 86 64 77 60 70 Z',
    ];

    /** Facing the viewer: the dog\'s left is on the right. */
    private const HEAD = [
        ['ear', 'right', 'M58 40 C44 36 30 48 28 68 C27 86 34 98 44 100 C48 78 52 60 58 40 Z', 41, 74],
        ['ear', 'left', 'M142 40 C156 36 170 48 172 68 C173 86 166 98 156 100 C152 78 148 60 142 40 Z', 159, 74],
        ['eye', 'right', 'M66 76 C72 67 84 68 88 77 C82 85 72 85 66 76 Z', 77, 81],
        ['eye', 'left', 'M134 76 C128 67 116 68 112 77 C118 85 128 85 134 76 Z', 123, 81],
        ['muzzle', 'both', 'M84 96 C92 90 108 90 116 96 C124 108 124 122 118 130 L82 130 C76 122 76 108 84 96 Z', 100, 116],
        ['lips', 'both', 'M82 130 L118 130 C118 142 110 150 100 150 C90 150 82 142 82 130 Z', 100, 145],
        ['neck', 'both', 'M64 142 C76 154 88 158 100 158 C112 158 124 154 136 142 L146 184 L54 184 Z', 100, 176],
    ];

    private const HEAD_PLAIN = [
        'M58 40 C76 28 124 28 142 40 C148 60 152 78 156 100 C154 122 146 136 136 142 C128 150 122 153 116 152 C119 147 119 139 118 130 '
            .'C124 122 124 108 116 96 C108 90 92 90 84 96 C76 108 76 122 82 130 C81 139 81 147 84 152 C78 153 72 150 64 142 C54 136 46 '
            .'122 44 100 C48 78 52 60 58 40 Z',
    ];

    /** From below, head up: again the dog\'s left is on the right. */
    private const UNDER = [
        ['neck', 'both', 'M84 30 C92 36 108 36 116 30 L120 58 C108 66 92 66 80 58 Z', 100, 52],
        ['chest', 'both', 'M80 58 C92 66 108 66 120 58 C132 72 136 92 134 116 L66 116 C64 92 68 72 80 58 Z', 100, 94],
        ['belly', 'both', 'M66 116 L134 116 C134 144 130 168 122 188 C110 196 90 196 78 188 C70 168 66 144 66 116 Z', 100, 156],
        ['upper_leg', 'right', 'M76 66 C62 70 50 80 44 92 L56 102 C60 96 64 92 68 88 Z', 60, 88],
        ['upper_leg', 'left', 'M124 66 C138 70 150 80 156 92 L144 102 C140 96 136 92 132 88 Z', 140, 88],
        ['lower_leg', 'right', 'M44 92 L56 102 L40 126 L28 118 Z', 42, 113],
        ['lower_leg', 'left', 'M156 92 L144 102 L160 126 L172 118 Z', 158, 113],
        ['front_paw', 'right', 'M28 118 L40 126 C38 136 30 142 22 138 C16 134 20 124 28 118 Z', 28, 134],
        ['front_paw', 'left', 'M172 118 L160 126 C162 136 170 142 178 138 C184 134 180 124 172 118 Z', 172, 134],
        ['upper_leg', 'right', 'M74 176 C60 182 50 194 46 210 L62 216 C66 206 72 198 82 192 Z', 63, 202],
        ['upper_leg', 'left', 'M126 176 C140 182 150 194 154 210 L138 216 C134 206 128 198 118 192 Z', 137, 202],
        ['lower_leg', 'right', 'M46 210 L62 216 L54 242 L40 238 Z', 51, 231],
        ['lower_leg', 'left', 'M154 210 L138 216 L146 242 L160 238 Z', 149, 231],
        ['hind_paw', 'right', 'M40 238 L54 242 C56 252 50 260 42 258 C34 256 34 246 40 238 Z', 45, 253],
        ['hind_paw', 'left', 'M160 238 L146 242 C144 252 150 260 158 258 C166 256 166 246 160 238 Z', 155, 253],
        ['tail', 'both', 'M92 193 C98 195 102 195 108 193 C110 216 106 240 100 248 C94 240 90 216 92 193 Z', 100, 222],
    ];

    private const UNDER_PLAIN = ['M84 30 C80 18 88 6 100 6 C112 6 120 18 116 30 C108 36 92 36 84 30 Z'];

    /**
     * @param  list<AreaView>  $areas
     * @param  ?array<string, int>  $bands  of a tour, by area and side as "ear left": these are drawn in place of what is accepted
     */
    public function __construct(private readonly array $areas, private readonly ?array $bands = null)
    {
    }

    public function render(): View
    {
        $by = [];
        foreach ($this->areas as $area) {
            $by["{$area->area} {$area->side}"] = $area;
        }

        return view('charts.dog-outline', ['bands' => $this->bands, 'views' => [
            self::picture(say('messages.dog_outline.from_its_left'), self::SIDE_WIDTH, 262, self::SIDE_PLAIN, self::side('left'), $by),
            self::picture(
                say('messages.dog_outline.from_its_right'), self::SIDE_WIDTH, 262, self::SIDE_PLAIN, self::side('right'), $by, true,
            ),
            self::picture(say('messages.dog_outline.head_facing_you'), 200, 190, self::HEAD_PLAIN, self::HEAD, $by),
            self::picture(say('messages.dog_outline.from_below'), 200, 266, self::UNDER_PLAIN, self::UNDER, $by),
        ]]);
    }

    /** @return array<int, array{string, string, string, int, int}> */
    private static function side(string $which): array
    {
        return array_map(static fn (array $part): array => [
            $part[0], in_array($part[0], BodyAreas::PAIRED, true) ? $which : 'both', $part[1],
            $which === 'right' ? self::SIDE_WIDTH - $part[2] : $part[2], $part[3],
        ], self::SIDE);
    }

    /**
     * @param  list<string>  $plain  paths of what is no part of the map
     * @param  array<int, array{string, string, string, int, int}>  $parts  area, side, path, and where its number stands
     * @param  array<string, AreaView>  $by  area and side
     * @return array<string, mixed>
     */
    private static function picture(
        string $title, int $width, int $height, array $plain, array $parts, array $by, bool $isMirrored = false,
    ): array {
        return [
            'title' => $title, 'width' => $width, 'height' => $height, 'plain' => $plain, 'isMirrored' => $isMirrored,
            'parts' => array_map(
                static fn (array $part): array =>
                    ['area' => $by["{$part[0]} {$part[1]}"], 'path' => $part[2], 'x' => $part[3], 'y' => $part[4]],
                $parts,
            ),
        ];
    }
}
