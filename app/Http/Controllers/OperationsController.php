<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Operations\Check;
use App\Operations\CheckState;
use App\Operations\PrometheusText;
use App\Operations\Readiness;
use App\Operations\ServiceFigures;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** For load balancers and operators. None of it starts a session or asks who somebody is. */
final readonly class OperationsController
{
    public function __construct(private Repository $settings) {}

    /** Whether the process lives; asks nobody else. */
    public function up(): JsonResponse
    {
        return new JsonResponse(['up' => true]);
    }

    /** Whether requests should be sent here; what is wrong in words only for operators. */
    public function ready(Request $request, Readiness $readiness): JsonResponse
    {
        $isOperator = $this->isOperator($request);
        $checks = $readiness->checks();
        $isReady = array_filter($checks, static fn (Check $one): bool => $one->state === CheckState::Failed) === [];

        return new JsonResponse([
            'ready' => $isReady,
            'server' => $isOperator ? $this->settings->get('pasada.server') : null,
            'version' => $isOperator ? $this->settings->get('pasada.version') : null,
            'checks' => array_map(static fn (Check $one): array => [
                'name' => $one->name, 'state' => $one->state->value, 'says' => $isOperator ? $one->says : null,
            ], $checks),
        ], $isReady ? 200 : 503, $isReady ? [] : ['Retry-After' => '5']);
    }

    /** Figures in Prometheus' text format. */
    public function figures(Request $request, ServiceFigures $figures): Response
    {
        // Whoever is no operator does not learn that there is anything.
        if (! $this->isOperator($request)) {
            throw new NotFoundHttpException;
        }

        return new Response($figures->written(), 200, ['Content-Type' => PrometheusText::TYPE]);
    }

    private function isOperator(Request $request): bool
    {
        $token = $this->settings->get('pasada.operator_token');

        return is_string($token) && $token !== '' && hash_equals($token, (string) $request->bearerToken());
    }
}
