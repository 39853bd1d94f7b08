<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\PictureBeneathFactory;
use Heurema\Drafting\PlacedPicture;
use Heurema\Geometry\Point;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A picture under a storey of a scheme, to be drawn over.
 *
 * @property int    $id
 * @property int    $scheme_id
 * @property string $storey
 * @property string $file   where it lies on the disk
 * @property int    $width  px
 * @property int    $height px
 * @property float  $x      of its top left corner on the plan, mm
 * @property float  $y
 * @property float  $mm_per_px
 * @property float  $angle  degrees counter-clockwise
 * @property Scheme $scheme
 */
final class PictureBeneath extends Model
{
    /** @use HasFactory<PictureBeneathFactory> */
    use HasFactory;

    public const DISK = 'local';

    protected $table = 'pictures_beneath';

    protected $fillable = ['storey', 'file', 'width', 'height', 'x', 'y', 'mm_per_px', 'angle'];

    /** @return BelongsTo<Scheme, $this> */
    public function scheme(): BelongsTo
    {
        return $this->belongsTo(Scheme::class);
    }

    public function picture(): PlacedPicture
    {
        return new PlacedPicture($this->width, $this->height, new Point($this->x, $this->y), $this->mm_per_px, $this->angle);
    }

    public function lie(PlacedPicture $picture): void
    {
        $this->update(self::place($picture));
    }

    /** @return array<string, float|int> */
    public static function place(PlacedPicture $picture): array
    {
        return [
            'width' => $picture->width, 'height' => $picture->height, 'x' => $picture->corner->x, 'y' => $picture->corner->y,
            'mm_per_px' => $picture->mmPerPixel, 'angle' => $picture->angle,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['x' => 'float', 'y' => 'float', 'mm_per_px' => 'float', 'angle' => 'float'];
    }
}
