<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LayoutDocument;
use Heurema\Layout\Layout;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A scheme as it stood when it was submitted; never changed after.
 *
 * @property int                $id
 * @property int                $scheme_id
 * @property int                $number
 * @property Layout             $layout
 * @property list<string>       $books  ids of the rule books it is held against
 * @property array<string, string> $settings what was chosen where the books leave a choice, as typed
 * @property array<string, int> $counts findings by verdict
 * @property Scheme             $scheme
 * @property User               $submitter
 * @property Carbon             $created_at
 */
final class Revision extends Model
{
    protected $attributes = ['settings' => '[]'];

    protected $fillable = ['number', 'layout', 'books', 'settings', 'counts', 'submitted_by'];

    /** @return BelongsTo<Scheme, $this> */
    public function scheme(): BelongsTo
    {
        return $this->belongsTo(Scheme::class);
    }

    /** @return BelongsTo<User, $this> */
    public function submitter(): BelongsTo
    {
        return $this->belongsTo(User::class, 'submitted_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['layout' => LayoutDocument::class, 'books' => 'array', 'settings' => 'array', 'counts' => 'array'];
    }
}
