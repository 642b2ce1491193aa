<!DOCTYPE html>
<html lang="en" data-theme="{{ in_array(request()->cookie('theme'), ['light', 'dark'], true) ? request()->cookie('theme') : 'system' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title data-inertia>Kaddle</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @viteReactRefresh
    @vite(['resources/js/app.tsx'])
    @inertiaHead
</head>
<body>
    @inertia
</body>
</html>
