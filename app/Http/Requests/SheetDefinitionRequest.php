<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Drawing\DimensionStyle;
use App\Drawing\PlanLayer;
use App\Drawing\PlanLayers;
use App\Sheets\Paper;
use App\Sheets\SheetDefinition;
use App\Sheets\SheetSet;
use App\Sheets\ViewDefinition;
use App\Sheets\ViewKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A sheet with its views as the form has them; one may be moved, taken off or added by the button that is pressed. */
final class SheetDefinitionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'paper' => ['required', Rule::enum(Paper::class)],
            'upright' => ['nullable', 'boolean'],
            'clouds' => ['nullable', 'boolean'],
            'views' => ['nullable', 'array', 'max:'.SheetSet::MOST_VIEWS],
            'views.*' => ['array'],
            'views.*.kind' => ['required', Rule::enum(ViewKind::class)],
            'views.*.of' => ['nullable', 'string', 'max:4000'],
            'views.*.scale' => ['nullable', 'integer', 'between:5,1000'],
            'views.*.layers' => ['nullable', Rule::enum(PlanLayers::class)],
            'views.*.outside' => ['nullable', Rule::in(array_keys(DimensionStyle::OUTSIDE))],
            'views.*.own' => ['nullable', 'boolean'],
            'views.*.shown' => ['nullable', 'array', 'max:20'],
            'views.*.shown.*' => [Rule::enum(PlanLayer::class)],
            'add' => ['nullable', 'string', 'max:100', 'regex:~^\w+( .*)?$~'],
            'earlier' => ['nullable', 'integer', 'min:0'],
            'drop' => ['nullable', 'integer', 'min:0'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => __('Name the sheet.'), 'views.*.scale.between' => __('A scale lies between 1:5 and 1:1000.')];
    }

    public function sheet(): SheetDefinition
    {
        return new SheetDefinition(
            $this->string('name')->trim()->value(),
            Paper::from($this->string('paper')->value()),
            $this->boolean('upright'),
            $this->boolean('clouds'),
            array_slice($this->views(), 0, SheetSet::MOST_VIEWS),
        );
    }

    /** @return list<ViewDefinition> */
    private function views(): array
    {
        $views = array_map(self::view(...), array_values($this->array('views')));
        if ($this->filled('drop')) {
            unset($views[$this->integer('drop')]);
        }
        $at = $this->integer('earlier');
        if ($this->filled('earlier') && $at > 0 && isset($views[$at])) {
            [$views[$at - 1], $views[$at]] = [$views[$at], $views[$at - 1]];
        }
        [$kind, $of] = [...explode(' ', $this->string('add')->value(), 2), ''];
        $added = ViewKind::tryFrom($kind);
        if ($added !== null) {
            $views[] = new ViewDefinition($added, $of);
        }

        return array_values(array_filter($views, static fn(?ViewDefinition $view): bool => $view !== null));
    }

    private static function view(mixed $typed): ?ViewDefinition
    {
        $isOwn = is_array($typed) && ($typed['own'] ?? '') === '1';

        return is_array($typed) ? ViewDefinition::from([
            ...$typed,
            'scale' => is_numeric($typed['scale'] ?? null) ? (int) $typed['scale'] : null,
            'hidden' => $isOwn ? array_column(PlanLayer::without(PlanLayer::among($typed['shown'] ?? [])), 'value') : null,
        ]) : null;
    }
}
