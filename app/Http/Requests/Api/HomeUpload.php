<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use App\Examination\BookList;
use App\Intake\HomeFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A drawn home as a program sends it: the body itself, or `file` of a form. */
abstract class HomeUpload extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(BookList $list): array
    {
        return [
            'file' => ['sometimes', 'file', 'max:'.intdiv(HomeFile::LARGEST_BYTES, 1024)],
            'books' => ['sometimes', 'array', 'min:1', 'max:20'],
            'books.*' => ['string', 'distinct', Rule::in($list->ids())],
            ...$this->furtherRules(),
        ];
    }

    /** @return array<string, list<mixed>> what else is said beside the file */
    abstract protected function furtherRules(): array;

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'books.*.in' => __('There is no such rule book, or it cannot be read.'),
            'file.file' => __('Send a file.'),
            'file.max' => __('The file is larger than 48 MB.'),
            'file.uploaded' => __('The file did not arrive: it is larger than 48 MB, or the connection broke.'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $size = strlen($this->home());
            if ($validator->errors()->isEmpty() && ($size === 0 || $size > HomeFile::LARGEST_BYTES)) {
                $validator->errors()->add(
                    'file',
                    $size === 0 ? __('Send a file, as the body or as "file".') : __('The file is larger than 48 MB.'),
                );
            }
        }];
    }

    public function home(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? (string) $file->get() : ($this->isForm() ? '' : $this->getContent());
    }

    /** @return list<string>|null ids; null: nothing is said of them */
    public function books(): ?array
    {
        $books = $this->validated('books');

        return is_array($books) ? array_values(array_filter($books, is_string(...))) : null;
    }

    /**
     * Values are in the address, or in the form beside the file: a body is never one of them.
     *
     * @return array<string, mixed>
     */
    public function validationData(): array
    {
        return [...$this->query->all(), ...($this->isForm() ? $this->request->all() : []), ...$this->allFiles()];
    }

    private function isForm(): bool
    {
        return str_starts_with((string) $this->headers->get('Content-Type'), 'multipart/form-data');
    }
}
