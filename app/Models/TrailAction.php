<?php

declare(strict_types=1);

namespace App\Models;

/** What the trail of a practice tells. */
enum TrailAction: string
{
    case PracticeMade = 'practice_made';
    case PracticeChanged = 'practice_changed';
    case Invited = 'invited';
    case InvitationWithdrawn = 'invitation_withdrawn';
    case Joined = 'joined';
    case RoleChanged = 'role_changed';
    case Disabled = 'disabled';
    case Enabled = 'enabled';
    case PasswordChanged = 'password_changed';
    case PasswordReset = 'password_reset';
    case SecondFactorOn = 'second_factor_on';
    case SecondFactorOff = 'second_factor_off';
    case RecoveryCodeUsed = 'recovery_code_used';
    case SignedOutElsewhere = 'signed_out_elsewhere';
    case Added = 'added';
    case Changed = 'changed';
    case FlagTakenBack = 'flag_taken_back';
    case HandedOut = 'handed_out';
    case Archived = 'archived';
    case Restored = 'restored';
    case Moved = 'moved';
    case Erased = 'erased';
    case LetterNotSent = 'letter_not_sent';
}
