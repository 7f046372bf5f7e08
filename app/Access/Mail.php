<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use Illuminate\Config\Repository as Settings;
use Illuminate\Contracts\Mail\Factory as Mailer;
use Illuminate\Mail\Message;
use Illuminate\Support\Carbon;
use Throwable;

/** Sends a link by mail, where the installation has a server for it; where not, it is shown and printed. */
final readonly class Mail
{
    public function __construct(private Mailer $mail, private Settings $settings) {}

    /** @return bool whether it was handed over to the server */
    public function link(User $to, string $path, Carbon $until): bool
    {
        if ($this->settings->get('mail.mailers.smtp.host') === null) {
            return false;
        }
        $zone = $to->school->time_zone;
        try {
            $this->mail->mailer()->raw(sprintf(
                "%s,\n\nset your password for Pasada at %s here:\n\n%s%s\n\nThe link opens once, until %s.\n",
                $to->name, $to->school->name, rtrim($this->settings->string('app.url'), '/'), $path,
                $until->copy()->setTimezone($zone)->format('F j, Y, g:i a'),
            ), static fn (Message $message) => $message->to($to->email)->subject('Your password for Pasada'));

            return true;
        } catch (Throwable $why) {
            // The link is on the page as well: nobody waits for a mail server.
            report($why);

            return false;
        }
    }
}
