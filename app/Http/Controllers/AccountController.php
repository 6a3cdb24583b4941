<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Accounts\Passwords;
use App\Accounts\SigningIn;
use App\Accounts\SignIns;
use App\Accounts\TooSoon;
use App\Http\Requests\NameRequest;
use App\Http\Requests\PasswordRequest;
use App\Http\Resources\UserResource;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** What everybody may change of their own. */
final readonly class AccountController
{
    #[OA\Put(path: '/api/account', operationId: 'changeName', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewName')), responses: [
        new OA\Response(response: 200, description: 'changed', content: new OA\JsonContent(ref: '#/components/schemas/User')),
        new OA\Response(response: 422, description: 'no name', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function rename(NameRequest $request, HouseLog $log): JsonResponse
    {
        $user = self::user($request);
        $before = $user->name;
        $user->update(['name' => $request->string('name')->trim()->toString()]);
        $log->note(LogKind::Renamed, $user, $before);

        return new JsonResponse(UserResource::of($user));
    }

    #[OA\Put(path: '/api/account/password', operationId: 'changePassword', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewPassword')), responses: [
        new OA\Response(response: 200, description: 'changed; signed out everywhere else', content: new OA\JsonContent(ref: '#/components/schemas/User')),
        new OA\Response(response: 422, description: 'the password there was is wrong, or the new one will not do', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 429, description: 'too many tries', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function choosePassword(PasswordRequest $request, SigningIn $signingIn, Passwords $passwords, SignIns $signIns, HouseLog $log): JsonResponse
    {
        $user = self::user($request);
        try {
            if (! $user->chooses_password && $signingIn->with($user->sign_in, $request->string('current')->toString(), (string) $request->ip()) === null) {
                throw ValidationException::withMessages(['current' => Strings::text('form.password-wrong')]);
            }
        } catch (TooSoon $soon) {
            return new JsonResponse(['message' => Strings::text('form.too-many-tries', ['seconds' => $soon->seconds])], 429, ['Retry-After' => (string) $soon->seconds]);
        }
        $password = $request->string('password')->toString();
        $objection = $passwords->objection($password, $user);
        if ($objection !== null) {
            throw ValidationException::withMessages(['password' => Strings::text($objection, ['least' => Passwords::LEAST])]);
        }
        $user->update(['password' => $password, 'for_once' => null, 'chooses_password' => false]);
        $signIns->endAll($user, $signIns->current($request->session()));
        $log->note(LogKind::PasswordChanged, $user);

        return new JsonResponse(UserResource::of($user));
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
