<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Pictures\PdfPage;
use App\Pictures\PictureFile;
use App\Pictures\UnreadablePicture;
use Heurema\Language\Texts;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** A picture on its way under a storey. */
final class PictureBeneathRequest extends FormRequest
{
    public const RULES = ['file', 'max:20480'];
    #[Texts]
    public const MESSAGES = [
        'picture.required' => 'Choose a picture.',
        'picture.file' => 'Choose a picture.',
        'picture.max' => 'The picture is larger than 20 MB.',
        'picture.uploaded' => 'The picture did not arrive: it is larger than 20 MB, or the connection broke.',
    ];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'picture' => ['required', ...self::RULES],
            'page' => ['nullable', 'integer', 'between:1,500'],
            'storey' => ['required', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_map(__(...), self::MESSAGES);
    }

    public function picture(): PictureFile|PdfPage
    {
        return self::read($this->file('picture'), $this->integer('page', 1));
    }

    /** @throws ValidationException when it is none */
    public static function read(mixed $file, int $page): PictureFile|PdfPage
    {
        try {
            $content = $file instanceof UploadedFile ? (string) $file->get() : throw new UnreadablePicture(__('Choose a picture.'));

            return str_starts_with($content, '%PDF-') ? new PdfPage($content, max(1, $page)) : PictureFile::of($content);
        } catch (UnreadablePicture $e) {
            throw ValidationException::withMessages(['picture' => $e->getMessage()]);
        }
    }
}
