<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Briefs\BriefCheck;
use Heurema\Brief\Brief;
use Heurema\Brief\UnreadableWish;
use Heurema\Brief\WishReader;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;

/** The client's wishes as they are typed: sentences, those that are empty left aside, and rules. */
final class BriefRequest extends FormRequest
{
    public const LONGEST = 300;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'wishes' => ['array', 'max:60'],
            'wishes.*' => ['nullable', 'string', 'max:'.self::LONGEST],
            'free' => ['nullable', 'string', 'max:20000'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            foreach ($this->sentences() as $number => $sentence) {
                try {
                    (new WishReader())->read($sentence);
                } catch (UnreadableWish $e) {
                    $validator->errors()->add("wishes.{$number}", $e->getMessage());
                }
            }
            if ($validator->errors()->isEmpty()) {
                $this->checkTogether($validator);
            }
        }];
    }

    /** @throws UnreadableWish */
    public function brief(): Brief
    {
        return Brief::of(array_values($this->sentences()), $this->string('free')->value());
    }

    private function checkTogether(Validator $validator): void
    {
        $numbers = array_keys($this->sentences());
        $repeated = $this->brief()->repeated();
        if ($repeated !== null) {
            [$again, $first] = $repeated;
            $validator->errors()->add(
                "wishes.{$numbers[$again]}",
                __('The wish “:sentences” speaks of the same.', ['sentences' => $this->sentences()[$numbers[$first]]]),
            );

            return;
        }
        $problem = BriefCheck::problem($this->brief());
        if ($problem !== null) {
            $validator->errors()->add('free', $problem);
        }
    }

    /** @return array<int, string> by their place in the form */
    private function sentences(): array
    {
        $sentences = [];
        foreach ($this->array('wishes') as $number => $wish) {
            if (is_string($wish) && trim($wish) !== '') {
                $sentences[(int) $number] = trim($wish);
            }
        }

        return $sentences;
    }
}
