<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Intake\HomeFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A layout file on its way in. */
final class LayoutUpload extends FormRequest
{
    use RefusedAtDesk;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'layout' => ['required', 'file', 'max:'.intdiv(HomeFile::LARGEST_BYTES, 1024)],
            'address' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'layout.required' => __('Choose a file.'),
            'layout.file' => __('Choose a file.'),
            'layout.max' => __('The file is larger than 48 MB.'),
            'layout.uploaded' => __('The file did not arrive: it is larger than 48 MB, or the connection broke.'),
        ];
    }

    public function content(): string
    {
        $file = $this->file('layout');

        return $file instanceof UploadedFile ? (string) $file->get() : '';
    }

    public function address(): ?string
    {
        $address = $this->string('address')->trim()->value();

        return $address === '' ? null : $address;
    }

    /** @return array<string, mixed> */
    protected function refusal(string $message): array
    {
        return ['refused' => $message];
    }
}
