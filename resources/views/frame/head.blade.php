<!DOCTYPE html>
<html lang="en" @class(['still' => $preference->still]) @if($preference->bench !== 'system') data-theme="{{ $preference->bench === 'night' ? 'dark' : 'light' }}" @endif>
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="{{ ['day' => 'light', 'night' => 'dark'][$preference->bench] ?? 'light dark' }}">
<meta name="csrf-token" content="{{ csrf_token() }}">
<meta name="htmx-config" content='{"allowEval":false,"includeIndicatorStyles":false,"historyCacheSize":0,"responseHandling":[{"code":"204","swap":false},{"code":"[23]..","swap":true},{"code":"409|422","swap":true,"error":false},{"code":"[45]..","swap":false,"error":true}]}'>
<title>{{ $title }} · Bench Glow</title>
<link rel="icon" href="/assets/mark.svg" type="image/svg+xml">
<link rel="stylesheet" href="/assets/bulma.min.css">
<link rel="stylesheet" href="/assets/glow.css">
<script src="/assets/htmx.min.js" defer></script>
<script src="/assets/glow.js" defer></script>
</head>
